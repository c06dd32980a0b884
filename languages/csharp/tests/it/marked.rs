//! C#: little programs with marks.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::members(&[(
    "Rack.cs",
    r#"using System.Collections.Generic;

namespace Larder
{
    public class ⟦Rack:Rack⟧
    {
        private readonly List<«Slot=Slot»> ⟦slots:slots⟧ = new List<«Slot=Slot»>();
        static int ⟦count:count⟧;

        public class ⟦Slot:Slot⟧
        {
            public int ⟦Wheel:Wheel⟧ { get; set; }
            public «Rack=Rack» ⟦Owner:Owner⟧() { return new «made=Rack»(1); }
        }

        public ⟦made:Rack⟧(int ⟦n:n⟧)
        {
            for (int ⟦i:i⟧ = 0; «i=i» < «n=n»; «i=i»++) this.«slots=slots».Add(new «Slot=Slot» { «Wheel=Wheel» = «i=i» });
            «count=count»++;
        }

        public «Slot=Slot» ⟦First:First⟧() { return «slots=slots»[0]; }

        public int ⟦Sum:Sum⟧()
        {
            int ⟦total:total⟧ = 0;
            foreach (var ⟦s:s⟧ in «slots=slots») «total=total» += «s=s».«Wheel=Wheel»;
            return «total=total» + «First=First»().«Owner=Owner»().«Sum=Sum»() + «Rack=Rack».«count=count»;
        }
    }
}
"#,
)])]
#[case::inheritance_and_interfaces(&[(
    "Disc.cs",
    r#"namespace Larder
{
    public interface ⟦ITurned:ITurned⟧ { int ⟦ITurn:Turn⟧(int by); }
    public abstract class ⟦Disc:Disc⟧
    {
        protected int ⟦grams:grams⟧;
        protected ⟦disc:Disc⟧(int g) { «grams=grams» = g; }
        public abstract int ⟦Weigh:Weigh⟧();
        public int ⟦Twice:Twice⟧() { return 2 * «Weigh=Weigh»(); }
    }
    public class ⟦Wheel:Wheel⟧ : «Disc=Disc», «ITurned=ITurned»
    {
        public ⟦wheel:Wheel⟧() : base(3) { }
        public override int ⟦WheelWeigh:Weigh⟧() { return «grams=grams» + base.«Twice=Twice»(); }
        int «ITurned=ITurned».Turn(int by) { return by; }
        public int ⟦Turn:Turn⟧(int by) { return by + 1; }
        static int All(«ITurned=ITurned» ⟦t:t⟧, «Wheel=Wheel» ⟦w:w⟧) { return «t=t».«ITurn=Turn»(1) + «w=w».«Turn=Turn»(2) + «w=w».«WheelWeigh=Weigh»() + new «wheel=Wheel»().«Twice=Twice»(); }
    }
}
"#,
)])]
#[case::parts_and_namespaces(&[
    ("A.cs", "namespace Larder.Store\n{\n    public partial class ⟦Shelf:Shelf⟧\n    {\n        int ⟦depth:depth⟧ = 1;\n        public int ⟦Get:Get⟧() { return «depth=depth» + «width=width»; }\n    }\n}\n"),
    ("B.cs", "namespace Larder.Store\n{\n    public partial class Shelf\n    {\n        int ⟦width:width⟧ = 2;\n        public int ⟦More:More⟧() { return «Get=Get»() + «depth=depth»; }\n    }\n}\n"),
    ("Other.cs", "namespace Larder\n{\n    public class Shelf { public int Get() { return 0; } }\n    public class ⟦Lamp:Lamp⟧ { public static int ⟦On:On⟧() { return 1; } }\n}\n"),
    (
        "Use.cs",
        r#"using Larder.Store;
using Light = Larder.Lamp;
using static Larder.Lamp;

namespace Elsewhere
{
    class Use
    {
        int A(Shelf ⟦s:s⟧) { return «s=s».«Get=Get»() + «s=s».«More=More»(); }
        int B() { return Light.«On=On»() + «On=On»() + Larder.«Lamp=Lamp».«On=On»(); }
    }
}
"#,
    ),
])]
#[case::extension_methods_and_generics(&[(
    "Ext.cs",
    r#"using System;
using System.Collections.Generic;
using System.Linq;

namespace Larder
{
    public class ⟦Wheel:Wheel⟧ { public int ⟦Grams:Grams⟧ { get; set; } public Rack ⟦toRack:Rack⟧() { return null; } }
    public class Rack { public void ⟦Close:Close⟧() { } }
    public static class Wheels
    {
        public static int ⟦Weight:Weight⟧(this IEnumerable<«Wheel=Wheel»> all) { return all.Sum(⟦w:w⟧ => «w=w».«Grams~Grams»); }
        public static T ⟦Heaviest:Heaviest⟧<T>(this IEnumerable<T> all, Func<T, int> by) { return all.OrderBy(by).First(); }
        public static void Turn(this string s) { }
        public static void ⟦TurnWheel:Turn⟧(this «Wheel=Wheel» w) { }
    }
    class Use
    {
        void All(List<«Wheel=Wheel»> wheels, Dictionary<string, «Wheel=Wheel»> byName, «Wheel=Wheel»[] more)
        {
            wheels.«Weight=Weight»();
            wheels.«Heaviest=Heaviest»(⟦x:x⟧ => «x=x».«Grams=Grams»).«toRack=Rack»().«Close=Close»();
            wheels.Where(⟦y:y⟧ => «y=y».«Grams~Grams» > 2).Select(⟦z:z⟧ => «z=z».«toRack~Rack»()).First();
            byName["a"].«TurnWheel=Turn»();
            foreach (var ⟦pair:pair⟧ in byName) «pair=pair».Value.«Grams=Grams» = 1;
            more[0].«Grams=Grams»++;
            var heavy = from ⟦q:q⟧ in wheels where «q=q».«Grams=Grams» > 3 select «q=q».«toRack=Rack»();
            heavy.First().«Close=Close»();
        }
    }
}
"#,
)])]
#[case::overloads(&[(
    "Label.cs",
    r#"using System;

namespace Larder
{
    enum ⟦Colour:Colour⟧ { ⟦Red:Red⟧, Blue }
    class Label
    {
        void ⟦text:Print⟧(string line) { }
        void ⟦number:Print⟧(int n) { }
        void ⟦many:Print⟧(string format, params object[] all) { }
        void ⟦any:Print⟧(object o) { }
        void ⟦run:Run⟧(Action a) { }
        void ⟦runOn:Run⟧(Action<int> a) { }
        T ⟦Made:Make⟧<T>(string s) { return default(T); }
        object ⟦plain:Make⟧(string s) { return null; }
        «Colour=Colour» ⟦colour:Colour⟧ { get; set; }
        void All(string[] names, DateTime day, char? sign = null)
        {
            «text=Print»(names[0].Trim());
            «number=Print»(names.Length);
            «number=Print»(day.Year + 1);
            «many=Print»("{0} {1}", 1, 2);
            «any=Print»(day);
            «run=Run»(() => { });
            «runOn=Run»(⟦i:i⟧ => «number=Print»(«i=i»));
            «Made=Make»<Label>("a").«text=Print»("b");
            «plain=Make»("a");
            if (this.«colour=Colour» == Colour.«Red=Red») { }
        }
    }
}
"#,
)])]
#[case::local_names(&[(
    "Local.cs",
    r#"using System;
using System.Threading.Tasks;

namespace Larder
{
    class Local
    {
        class ⟦Box:Box⟧ { public int ⟦Size:Size⟧; }
        async Task<«Box=Box»> ⟦Load:Load⟧() { await Task.Delay(1); return new «Box=Box»(); }
        async Task<int> All(object ⟦o:o⟧, Func<«Box=Box»> ⟦make:make⟧)
        {
            var ⟦box:box⟧ = await «Load=Load»();
            if («o=o» is «Box=Box» ⟦b:b⟧) «b=b».«Size=Size»++;
            Func<int, int> ⟦Twice:twice⟧ = ⟦n:n⟧ => 2 * «n=n»;
            string ⟦s:s⟧ = $"{«box=box».«Size=Size»}";
            int ⟦parsed:parsed⟧;
            int.TryParse(«s=s», out «parsed=parsed»);
            return «Twice=twice»(«box=box»?.«Size=Size» ?? «parsed=parsed») + «make=make»().«Size=Size»;
        }
    }
}
"#,
)])]
fn names_of_csharp_lead_to_what_they_mean(#[case] files: &[(&str, &str)]) {
    check(files);
    compiles(files, &["mcs", "-target:library", "-langversion:latest", "-out:out.dll"], &[".cs"]);
}

#[rstest]
#[case::programs_without_a_class(&[
    (
        "Program.cs",
        r#"using Larder;
using Slate.Display;

var ⟦shelf:shelf⟧ = new «Shelf=Shelf»();
foreach (var ⟦row:row⟧ in «shelf=shelf».«Rows=Rows»(2)) «shelf=shelf».«Put=Put»(«row=row».«LightOne=Light»().«Grams=Grams»);
«Tell=Tell»(«shelf=shelf»);

static void ⟦Tell:Tell⟧(«Shelf=Shelf» ⟦of:of⟧) { «of=of».«Put=Put»(1); }
"#,
    ),
    (
        "Shelf.cs",
        r#"namespace Larder;

public class ⟦Wheel:Wheel⟧ { public int ⟦Grams:Grams⟧; }
public partial class ⟦Shelf:Shelf⟧
{
    private readonly List<«Wheel=Wheel»> ⟦wheels:wheels⟧ = new();
    public IEnumerable<«Wheel=Wheel»> ⟦Rows:Rows⟧(int ⟦n:n⟧) { yield return «wheels=wheels».«Light=Light»(); }
    public void ⟦Put:Put⟧(int ⟦g:g⟧) { «OnPut=OnPut»(«g=g»); }
    partial void OnPut(int by);
}
public partial class Shelf
{
    partial void ⟦OnPut:OnPut⟧(int ⟦by:by⟧) { «by=by»++; }
}
public static class Wheels
{
    public static «Wheel=Wheel» ⟦Light:Light⟧(this IEnumerable<«Wheel=Wheel»> ⟦all:all⟧) { return null; }
    public static «Wheel=Wheel» ⟦LightOne:Light⟧(this «Wheel=Wheel» ⟦one:one⟧) { return «one=one»; }
}
"#,
    ),
])]
fn what_newer_compilers_alone_know_is_found(#[case] files: &[(&str, &str)]) {
    check(files);
}
