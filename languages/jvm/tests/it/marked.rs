//! Java.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::members(&[(
    "larder/Rack.java",
    r#"package larder;

import java.util.*;

public class ⟦Rack:Rack⟧ implements ⟦unused:Comparable⟧<«Rack=Rack»> {
    private final List<«Slot=Slot»> ⟦slots:slots⟧ = new ArrayList<>();
    static int ⟦count:count⟧;

    class ⟦Slot:Slot⟧ {
        int ⟦wheel:wheel⟧;
        «Rack=Rack» ⟦rack:rack⟧() { return «Rack=Rack».this; }
    }

    public ⟦made:Rack⟧(int ⟦n:n⟧) {
        for (int ⟦i:i⟧ = 0; «i=i» < «n=n»; «i=i»++) this.«slots=slots».add(new «Slot=Slot»());
        «count=count»++;
    }

    «Slot=Slot» ⟦first:first⟧() { return «slots=slots».get(0); }

    int ⟦sum:sum⟧() {
        int total = 0;
        for («Slot=Slot» ⟦s:s⟧ : «slots=slots») total += «s=s».«wheel=wheel»;
        return total + «first=first»().«rack=rack»().«sum=sum»() + «Rack=Rack».«count=count»;
    }

    @Override
    public int compareTo(«Rack=Rack» ⟦other:other⟧) { return «sum=sum»() - «other=other».«sum=sum»(); }
}
"#,
)])]
#[case::inheritance(&[
    ("larder/Disc.java", "package larder;\npublic abstract class ⟦Disc:Disc⟧ {\n    protected int ⟦grams:grams⟧;\n    protected ⟦disc:Disc⟧(int g) { «grams=grams» = g; }\n    public abstract int ⟦weigh:weigh⟧();\n    public int ⟦twice:twice⟧() { return 2 * «weigh=weigh»(); }\n}\n"),
    (
        "larder/Wheel.java",
        r#"package larder;

public class ⟦Wheel:Wheel⟧ extends «Disc=Disc» implements ⟦Turned_use:Turned⟧ {
    public ⟦wheel:Wheel⟧() { super(3); }
    @Override public int ⟦wheel_weigh:weigh⟧() { return «grams=grams» + super.«twice=twice»(); }
    public int ⟦turn:turn⟧() { return «DEGREES=DEGREES» + «half=half»(); }
}
"#,
    ),
    ("larder/Turned.java", "package larder;\npublic interface Turned {\n    int ⟦DEGREES:DEGREES⟧ = 90;\n    default int ⟦half:half⟧() { return «DEGREES=DEGREES» / 2; }\n}\n"),
    (
        "Main.java",
        r#"import larder.«Wheel=Wheel»;
import larder.*;

class Main {
    public static void main(String[] ⟦args:args⟧) {
        «Wheel=Wheel» w = new «wheel=Wheel»();
        «Disc=Disc» d = w;
        Object o = d;
        System.out.println(w.«wheel_weigh=weigh»() + d.«weigh=weigh»() + d.«twice=twice»() + w.«half=half»() + «args=args».length);
        if (o instanceof «Wheel=Wheel» ⟦v:v⟧ && «v=v».«turn=turn»() > 2) System.out.println(«v=v».«twice=twice»());
    }
}
"#,
    ),
])]
#[case::generics_and_lambdas(&[(
    "Holder.java",
    r#"import java.util.function.*;

class ⟦Holder:Holder⟧<⟦T:T⟧ extends «Cheese=Cheese»> {
    private «T=T» ⟦held:held⟧;
    ⟦made:Holder⟧(«T=T» t) { «held=held» = t; }
    «T=T» ⟦get:get⟧() { return «held=held»; }
    <⟦R:R⟧> «R=R» ⟦map:map⟧(Function<? super «T=T», «R=R»> ⟦by:by⟧) { return «by=by».apply(«held=held»); }
    static int ⟦twice:twice⟧(int n) { return n * 2; }
}

class ⟦Cheese:Cheese⟧ {
    int ⟦salt:salt⟧() { return 1; }
}

class Use {
    int run(«Holder=Holder»<«Cheese=Cheese»> ⟦h:h⟧) {
        IntUnaryOperator f = «Holder=Holder»::«twice=twice»;
        Supplier<«Cheese=Cheese»> g = «h=h»::«get=get»;
        return «h=h».«get=get»().«salt=salt»() + «h=h».«map=map»(⟦c:c⟧ -> «c=c».«salt=salt»()) + f.applyAsInt(1) + g.get().salt();
    }
}
"#,
)])]
#[case::enums_records_switches(&[(
    "Kinds.java",
    r#"enum ⟦Kind:Kind⟧ {
    ⟦ROUND:ROUND⟧(1) { int ⟦own_size:size⟧() { return 9; } },
    ⟦FLAT:FLAT⟧(2);

    private final int ⟦n:n⟧;
    Kind(int n) { this.«n=n» = n; }
    int ⟦size:size⟧() { return «n=n»; }
}

record ⟦Point:Point⟧(int ⟦x:x⟧, int ⟦y:y⟧) {
    int ⟦sum:sum⟧() { return «x=x» + «y=y»; }
    static «Point=Point» ⟦zero:zero⟧() { return new «Point=Point»(0, 0); }
}

class Use {
    static int ⟦of:of⟧(«Kind=Kind» k) {
        int r = switch (k) { case «ROUND=ROUND» -> 1; case «FLAT=FLAT» -> k.«size=size»(); };
        return r + «Kind=Kind».«FLAT=FLAT».«size=size»() + «Point=Point».«zero=zero»().«sum=sum»() + «of=of»(«Kind=Kind».valueOf("FLAT"));
    }
}
"#,
)])]
fn names_of_java_lead_to_what_they_mean(#[case] files: &[(&str, &str)]) {
    // Marks of definitions that are uses as well are left as they are.
    compiles(files, &["javac", "-Xlint:none", "-nowarn", "-d", "classes"], &[".java"]);
    check(files);
}

#[rstest]
#[case::inner_and_unnamed(&[(
    "Outer.java",
    r#"import static java.lang.Math.max;

class ⟦Outer:Outer⟧ {
    private int ⟦n:n⟧ = 1;
    static class ⟦Nested:Nested⟧ { int ⟦m:m⟧ = 2; static int ⟦s:s⟧() { return 3; } }
    interface ⟦Job:Job⟧ { int ⟦run:run⟧(int by); }
    class ⟦Inner:Inner⟧ { int ⟦sum:sum⟧() { return «n=n» + «Outer=Outer».this.«n=n»; } }

    int go(«Nested=Nested» ⟦a:a⟧) {
        final int ⟦local:local⟧ = 4;
        «Job=Job» ⟦job:job⟧ = new «Job=Job»() {
            int ⟦own:own⟧ = «local=local»;
            @Override public int ⟦impl:run⟧(int ⟦by:by⟧) { return «own=own» + «by=by» + «n=n»; }
        };
        class ⟦Here:Here⟧ { int ⟦k:k⟧() { return «a=a».«m=m»; } }
        return «job=job».«run=run»(1) + new «Here=Here»().«k=k»() + new «Inner=Inner»().«sum=sum»() + «Nested=Nested».«s=s»() + max(1, 2);
    }
}
"#,
)])]
#[case::overloads(&[(
    "Over.java",
    r#"import java.util.List;

class ⟦Over:Over⟧ {
    int ⟦i:size⟧(int n) { return n; }
    int ⟦s:size⟧(String t) { return t.length(); }
    int ⟦o:size⟧(Object o) { return 0; }
    int ⟦l:size⟧(List<String> all) { return all.size(); }
    int ⟦v:size⟧(int a, int... more) { return more.length; }
    static <T> T ⟦same:same⟧(T t) { return t; }

    int run(List<String> all, «Over=Over» other) {
        return «i=size»(1) + this.«s=size»("a") + «o=size»(other) + other.«l=size»(all) + «v=size»(1, 2, 3) + «s=size»(«same=same»("b")) + «s=size»(all.get(0)) + «i~size»('c');
    }
}
"#,
)])]
#[case::constants_and_interfaces(&[
    ("a/Limits.java", "package a;\n\npublic interface ⟦Limits:Limits⟧ {\n    int ⟦MAX:MAX⟧ = 3;\n    static int ⟦twice:twice⟧(int n) { return n * 2; }\n    private int ⟦hidden:hidden⟧() { return «MAX=MAX»; }\n    default int ⟦shown:shown⟧() { return «hidden=hidden»(); }\n}\n"),
    (
        "b/Use.java",
        r#"package b;

import a.«Limits=Limits»;
import static a.Limits.«MAX=MAX»;
import static a.Limits.*;

public class ⟦Use:Use⟧ implements «Limits=Limits» {
    private static final int ⟦LOW:LOW⟧ = «MAX=MAX» - 2;
    int of(int n) {
        switch (n) {
            case «LOW=LOW»: return «twice=twice»(n);
            case «MAX=MAX»: return «shown=shown»();
            default: return «Limits=Limits».«twice=twice»(«Use=Use».«LOW=LOW»);
        }
    }
}
"#,
    ),
])]
#[case::flow(&[(
    "Flow.java",
    r#"import java.util.*;

class Flow {
    sealed interface ⟦Shape:Shape⟧ permits Round, Flat {}
    record ⟦Round:Round⟧(int ⟦r:r⟧) implements «Shape=Shape» {}
    record ⟦Flat:Flat⟧(int ⟦a:a⟧, «Round=Round» ⟦b:b⟧) implements «Shape=Shape» {}

    int area(Object o, Map<String, «Round=Round»> ⟦all:all⟧) throws Exception {
        var ⟦total:total⟧ = 0;
        for (Map.Entry<String, «Round=Round»> ⟦e:e⟧ : «all=all».entrySet()) «total=total» += «e=e».getValue().«r=r»();
        for (var ⟦v:v⟧ : «all=all».values()) «total=total» += «v=v».«r=r»();
        try (AutoCloseable ⟦res:res⟧ = () -> {}) { «res=res».close(); } catch (IllegalStateException | NullPointerException ⟦x:x⟧) { throw «x=x»; }
        do { «total=total»++; } while («total=total» < 3);
        if (!(o instanceof «Flat=Flat» ⟦f:f⟧)) return «total=total»;
        return «f=f».«a=a»() + «f=f».«b=b»().«r=r»();
    }
}
"#,
)])]
fn more_names_of_java(#[case] files: &[(&str, &str)]) {
    compiles(files, &["javac", "-Xlint:none", "-nowarn", "-d", "classes"], &[".java"]);
    check(files);
}

#[rstest]
#[case::builders_and_streams(&[(
    "Plan.java",
    r#"import java.util.*;
import java.util.stream.*;

class ⟦Plan:Plan⟧ {
    private final String ⟦name:name⟧;
    private final List<«Step=Step»> ⟦steps:steps⟧;
    private ⟦made:Plan⟧(«Builder=Builder» b) { this.«name=name» = b.«b_name=name»; this.«steps=steps» = b.«b_steps=steps»; }
    static «Builder=Builder» ⟦builder:builder⟧() { return new «Builder=Builder»(); }
    record ⟦Step:Step⟧(int ⟦by:by⟧, Optional<«Step=Step»> ⟦next:next⟧) {}

    static final class ⟦Builder:Builder⟧ {
        private String ⟦b_name:name⟧ = "";
        private final List<«Step=Step»> ⟦b_steps:steps⟧ = new ArrayList<>();
        «Builder=Builder» ⟦named:named⟧(String name) { this.«b_name=name» = name; return this; }
        «Builder=Builder» ⟦step:step⟧(int by) { «b_steps=steps».add(new «Step=Step»(by, Optional.empty())); return this; }
        «Plan=Plan» ⟦build:build⟧() { return new «made=Plan»(this); }
    }

    int ⟦total:total⟧() {
        return «steps=steps».stream().filter(⟦s:s⟧ -> «s=s».«by=by»() > 1).mapToInt(⟦t:t⟧ -> «t=t».«by=by»()).sum() + «name=name».length();
    }

    static int run() {
        Map<String, «Plan=Plan»> all = new HashMap<>();
        all.put("a", «Plan=Plan».«builder=builder»().«named=named»("x").«step=step»(1).«step=step»(2).«build=build»());
        return all.get("a").«total=total»() + «Plan=Plan».«builder=builder»().«build=build»().«total=total»();
    }
}
"#,
)])]
#[case::generic_members(&[(
    "Store.java",
    r#"import java.util.*;

interface ⟦Keyed:Keyed⟧<⟦K:K⟧> { «K=K» ⟦key:key⟧(); }
class ⟦Rack:Rack⟧ implements «Keyed=Keyed»<String> {
    public String ⟦rack_key:key⟧() { return "r"; }
    int ⟦fill:fill⟧() { return 1; }
}
class ⟦Store:Store⟧<⟦KK:K⟧, ⟦V:V⟧ extends «Keyed=Keyed»<«KK=K»>> {
    private final Map<«KK=K», «V=V»> ⟦all:all⟧ = new TreeMap<>();
    void ⟦add:add⟧(«V=V» v) { «all=all».put(v.«key=key»(), v); }
    «V=V» ⟦get:get⟧(«KK=K» k) { return «all=all».get(k); }
    static <⟦T:T⟧ extends Comparable<«T=T»>> «T=T» ⟦max:max⟧(List<«T=T»> list) { «T=T» best = list.get(0); return best; }
}
class Use {
    int run(«Store=Store»<String, «Rack=Rack»> s) {
        s.«add=add»(new «Rack=Rack»());
        return s.«get=get»("r").«fill=fill»() + s.«get=get»("r").«rack_key=key»().length() + «Store=Store».«max=max»(List.of(1, 2));
    }
}
"#,
)])]
fn names_of_java_in_harder_places(#[case] files: &[(&str, &str)]) {
    compiles(files, &["javac", "-Xlint:none", "-nowarn", "-d", "classes"], &[".java"]);
    check(files);
}
