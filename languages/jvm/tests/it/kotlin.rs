//! Kotlin: little programs with marks, alone and beside Java.

use rstest::rstest;
use testkit::marked::{check, compiles};
use testkit::{Project, ask, definitions, engine, facts, uses};

/// Checks the marks, and with a compiler that the program is one.
fn checked(files: &[(&str, &str)]) {
    check(files);
    compiles(files, &["kotlinc", "-nowarn", "-d", "out"], &[".kt", ".java"]);
}

#[rstest]
#[case::members_and_companions(&[(
    "Rack.kt",
    r#"package larder

const val ⟦WIDTH:WIDTH⟧ = 3

open class ⟦Disc:Disc⟧(val ⟦grams:grams⟧: Int) {
    open fun ⟦turn:turn⟧(by: Int): Disc = this
    companion object {
        fun ⟦light:light⟧() = «Disc=Disc»(«LEAST=LEAST»)
        const val ⟦LEAST:LEAST⟧ = 1
    }
}

class ⟦Rack:Rack⟧(private val ⟦discs:discs⟧: List<«Disc=Disc»>, depth: Int) : «Disc=Disc»(depth) {
    var ⟦count:count⟧ = 0
        private set
    val ⟦total:total⟧: Int
        get() = «discs=discs».sumOf { it.«grams=grams» } + «grams=grams»

    override fun ⟦turned:turn⟧(by: Int): «Rack=Rack» {
        this.«count=count» += by
        «count=count»++
        super.«turn=turn»(by)
        return this
    }

    fun ⟦all:all⟧() = «turned=turn»(1).«total=total» + «WIDTH=WIDTH» + «Disc=Disc».«light=light»().«grams=grams» + "${«total=total»} $«count=count»".length
}

object ⟦Larder:Larder⟧ {
    val ⟦first:first⟧ = «Rack=Rack»(emptyList(), depth = 2)
    fun ⟦open:open⟧() = «first=first».«all=all»()
}

enum class ⟦Size:Size⟧(val ⟦teeth:teeth⟧: Int) { ⟦SMALL:SMALL⟧(1), LARGE(2); fun ⟦next:next⟧() = values()[«teeth=teeth»] }

fun main() {
    println(«Larder=Larder».«open=open»() + Size.«SMALL=SMALL».«next=next»().«teeth=teeth»)
}
"#,
)])]
#[case::values_that_are_called(&[(
    "Written.kt",
    r#"package larder

class ⟦Label:Label⟧ {
    private val lines = mutableListOf<String>()
    fun ⟦line:line⟧(text: String): Label = apply { lines.add(text) }
    operator fun ⟦written:invoke⟧(how: Label.() -> Unit): Label = apply(how)
    operator fun ⟦numbered:invoke⟧(n: Int): Int = lines.size + n
}

class Lines {
    operator fun invoke(how: Lines.() -> Unit): Unit = how()
    fun <T> Iterable<T>.⟦of_lines:joined⟧(how: Lines.(T) -> Unit): Lines = this@Lines
}

fun <T> Iterable<T>.⟦outside:joined⟧(lines: Lines, how: Lines.(T) -> Unit): Lines = lines

fun joined(lines: Lines, all: List<String>) {
    lines { all.«of_lines=joined» { println(it) } }
    all.«outside=joined»(lines) { println(it) }
}

fun Label.line(vararg texts: Any): Label = apply { for (text in texts) println(text) }

fun print(label: «Label=Label») {
    label {
        «line=line»("grams")
    }.«line=line»("price")
}

class Printer(val where: Label?, private val how: Label.() -> Unit) {
    var last: Label?
        @Synchronized get() = where
        @Synchronized set(value) {
            println(value)
        }

    private val ⟦names:names⟧ = java.util.ArrayDeque<String>()

    fun ⟦printed:printed⟧(label: Label): Int {
        where?.«line=line»("first")
        label.(how)()
        return «names=names».size
    }
}

fun count(printer: Printer, label: Label) = printer.«printed=printed»(label)
"#,
)])]
#[case::bases_that_are_handed_on(&[(
    "Handed.kt",
    r#"package larder

interface Log { val ⟦of_interface:size⟧: Int; fun ⟦noted:note⟧(text: String) }

class Paper : Log { override val ⟦of_paper:size⟧ = 3; override fun note(text: String) = println(text) }

open class Turns(private val ⟦log:log⟧: Log) : Paper2(), Log by log {
    final override val ⟦own:size⟧: Int = «log=log».«of_interface=size»
    var ⟦count:count⟧ = 0

    fun ⟦turn:turn⟧() {
        «count=count» += «own=size»
        «noted=note»("turned")
    }
}

open class Paper2

fun turned(turns: Turns) { turns.«turn=turn»(); println(turns.«own=size» + turns.«count=count») }
"#,
)])]
#[case::what_super_reaches(&[(
    "Kept.kt",
    r#"package larder

interface Noted {
    fun ⟦note:note⟧(text: String, times: Int = 1): Int = text.length * times
}

interface Counted {
    fun ⟦of_interface:count⟧(): Int = 1
}

open class Kept {
    open fun ⟦of_class:count⟧(): Int = 2
}

class Shelf : Kept(), Noted, Counted {
    override fun ⟦own:note⟧(text: String, times: Int): Int = super.«note=note»(text, times)
    override fun count(): Int = super<Kept>.«of_class=count»() + super<Counted>.«of_interface=count»()
}

fun noted(shelf: Shelf) = shelf.«own=note»("salt")
"#,
)])]
#[case::functions_that_extend(&[(
    "Extended.kt",
    r#"package larder

class ⟦Wheel:Wheel⟧ { fun ⟦turn:turn⟧() = this; fun ⟦own:mark⟧(n: Int) = n }
open class Base
class Derived : Base()

fun Wheel.⟦mark:mark⟧(name: String, n: Int) = "$name $n"
fun Base.⟦ofBase:name⟧() = "base"
fun Derived.⟦ofDerived:name⟧() = "derived"
val Wheel.⟦twice:twice⟧: Wheel get() = «turn=turn»().«turn=turn»()
fun <T> T.⟦also:alsoOnce⟧(block: (T) -> Unit): T { block(this); return this }
fun <T> T.⟦within:within⟧(block: T.() -> Unit): T { block(); return this }

fun use(w: Wheel, b: Base, d: Derived) {
    w.«own=mark»(1)
    w.«mark=mark»("a", 2)
    b.«ofBase=name»()
    d.«ofDerived=name»()
    w.«twice=twice».«also=alsoOnce» { it.«turn=turn»() }.«within=within» { «turn=turn»() }.«turn=turn»()
}
"#,
)])]
#[case::the_library_leads_on(&[(
    "Library.kt",
    r#"package larder

class ⟦Wheel:Wheel⟧(val ⟦teeth:teeth⟧: Int) { fun ⟦turn:turn⟧(): Wheel = this }
data class ⟦Slot:Slot⟧(val ⟦at:at⟧: Int, val ⟦wheel:wheel⟧: Wheel)

class Racks(private val wheels: List<Wheel>, private val byName: MutableMap<String, MutableList<Wheel>>) {
    val later by lazy { Wheel(4) }
    fun go(w: Wheel?, slots: Array<Slot>) {
        wheels.first().«turn=turn»()
        wheels.filter { it.«teeth=teeth» > 1 }.map { it.«turn=turn»() }.last().«turn=turn»()
        byName["a"]!!.first().«turn=turn»()
        byName.getOrPut("b") { mutableListOf() }.add(Wheel(1))
        for ((_, all) in byName) all.first().«turn=turn»()
        byName.forEach { (_, all) -> all.first().«turn=turn»() }
        with(wheels[0]) { «turn=turn»() }
        Wheel(1).apply { «turn=turn»() }.let { it.«turn=turn»() }.«teeth=teeth»
        w?.«turn=turn»()?.«teeth=teeth»
        later.«turn=turn»()
        for (s in slots) s.«wheel=wheel».«turn=turn»()
        val (_, inner) = slots.first()
        inner.«turn=turn»()
        wheels.groupBy { it.«teeth=teeth» }.values.flatten().first().«turn=turn»()
        wheels.fold(Wheel(2)) { a, b -> a.«turn=turn»(); b }.«turn=turn»()
    }
}
"#,
)])]
#[case::what_tests_tell(&[(
    "Told.kt",
    r#"package larder

sealed class ⟦Disc:Disc⟧
class ⟦Wheel:Wheel⟧ : «Disc=Disc»() { fun ⟦turn:turn⟧() = 1 }
class ⟦Plate:Plate⟧ : «Disc=Disc»() { fun ⟦serve:serve⟧() = 2 }

fun told(disc: Disc, any: Any?): Int {
    if (disc is «Wheel=Wheel» && disc.«turn=turn»() > 0) return disc.«turn=turn»()
    val n = when (disc) {
        is Wheel -> disc.«turn=turn»()
        is Plate -> disc.«serve=serve»()
    }
    if (any !is Plate) return n
    any.«serve=serve»()
    val other: Any = any
    require(other is Plate) { "no plate" }
    return other.«serve=serve»() + (any as Plate).«serve=serve»()
}
"#,
)])]
#[case::names_that_hide_others(&[(
    "Hidden.kt",
    r#"package larder

class ⟦Wheel:Wheel⟧ { fun ⟦turn:turn⟧() = 1 }
open class ⟦Base:Base⟧(protected val ⟦field:name⟧: String) { fun ⟦show:show⟧(n: Int) = n }
class Derived(name: String) : «Base=Base»(name) {
    private val length = name.length
    fun ⟦own:show⟧(n: Int, m: Int) = n + m
    fun go(wheel: Wheel?): Int {
        var wheel = wheel
        if (wheel == null) wheel = Wheel()
        return wheel.«turn=turn»() + «field=name».length + «show=show»(1) + «own=show»(1, 2)
    }
    val seen = object : Runnable { override fun run() {} }
}
"#,
)])]
fn names_of_kotlin(#[case] files: &[(&str, &str)]) {
    checked(files);
}

#[rstest]
#[case::java_sees_kotlin(&[
    ("larder/Rack.kt", "package larder\nclass ⟦Rack:Rack⟧(val ⟦depth:depth⟧: Int, var ⟦isFull:isFull⟧: Boolean, var ⟦label:label⟧: String) {\n    fun ⟦fill:fill⟧(n: Int): Rack = this\n    companion object {\n        @JvmStatic fun ⟦made:made⟧(): Rack = Rack(1, false, \"\")\n    }\n}\nobject ⟦Larder:Larder⟧ { fun ⟦open:open⟧() = 1 }\n"),
    ("larder/Main.java", "package larder;\nclass Main {\n    int go(Rack r) {\n        r.«label=setLabel»(r.«label=getLabel»());\n        Larder.INSTANCE.«open=open»();\n        return Rack.«made=made»().«fill=fill»(2).«depth=getDepth»() + (r.«isFull=isFull»() ? 1 : new «Rack=Rack»(1, true, \"\").«depth=getDepth»());\n    }\n}\n"),
])]
#[case::kotlin_sees_java(&[
    ("larder/Shelf.java", "package larder;\nimport java.util.List;\npublic class ⟦Shelf:Shelf⟧ {\n    public static final int ⟦WIDE:WIDE⟧ = 1;\n    public int ⟦plain:plain⟧;\n    public ⟦made:Shelf⟧(int n) {}\n    public String ⟦getName:getName⟧() { return \"\"; }\n    public void ⟦setName:setName⟧(String name) {}\n    public boolean ⟦isWide:isWide⟧() { return true; }\n    public List<Shelf> ⟦below:getBelow⟧() { return null; }\n    public static Shelf ⟦of:of⟧() { return new «made=Shelf»(1); }\n}\n"),
    ("larder/Use.kt", "package larder\nclass Low : «Shelf=Shelf»(2) {\n    fun go(s: Shelf): Int {\n        s.«setName=name» = s.«getName=name»\n        «getName=name».length\n        s.«below=below».map { it.«isWide=isWide» }\n        return Shelf.«of=of»().«plain=plain» + Shelf.«WIDE=WIDE» + «made=Shelf»(3).«plain=plain»\n    }\n}\n"),
])]
fn java_and_kotlin_are_one_world(#[case] files: &[(&str, &str)]) {
    check(files);
}

#[test]
fn a_name_means_what_is_there_for_the_platform() {
    let project = Project::with(&[
        ("common/Rack.kt", "package larder\nexpect class Rack { fun turn(n: Int): Int }\nexpect fun open(): Rack\n"),
        ("jvm/Rack.kt", "package larder\nactual class Rack { actual fun turn(n: Int): Int = n; private val hidden = 1 }\nactual fun open(): Rack = Rack()\n"),
        ("common/Use.kt", "package larder\nfun use() = open().turn(1)\n"),
    ]);
    let engine = engine(&project);
    for (place, line) in [("common/Use.kt:2:13", 3), ("common/Use.kt:2:20", 2)] {
        let answers = ask(&engine, &format!("where is {place}"));
        let found: Vec<(String, u32)> = answers.answers.iter().map(|a| (a.path.to_string(), a.line)).collect();
        assert_eq!(found.first().map(|f| (f.0.as_str(), f.1)), Some(("jvm/Rack.kt", line)), "{place}: {found:?}");
        assert_eq!(found.get(1).map(|f| (f.0.as_str(), f.1)), Some(("common/Rack.kt", line)), "{place}: {found:?}");
    }
    let users = ask(&engine, "who uses common/Rack.kt:2:26");
    assert!(users.answers.iter().any(|a| a.path == "common/Use.kt"), "{:?}", users.answers);
}

#[rstest]
#[case::classes("class A<T>(val b: Int, private var c: T, d: Int) { \n val e = 1\n fun f(g: Int) {}\n companion object { val h = 1 }\n class I\n constructor(j: T) : this(1, j, 2)\n}",
    &["class A", "typeparam A.T", "field A.b", "field A.c", "param A.d", "field A.e", "method A.f", "param A.f.g", "class A.Companion", "field A.Companion.h", "class A.I", "constructor A.constructor", "param A.constructor.j"])]
#[case::enums("enum class Size { SMALL, LARGE { override fun f() = 1 };\n open fun f() = 2\n}", &["enum Size", "variant Size.SMALL", "variant Size.LARGE", "method Size.LARGE.f", "method Size.f"])]
#[case::top_level("const val A = 1\nval b by lazy { 1 }\ntypealias C = Map<String, Int>\nfun String.d() {}\nobject E\ninterface F { val g: Int }", &["const A", "var b", "alias C", "fn d", "class E", "interface F", "field F.g"])]
#[case::words_that_are_names("class A {\n  var open = false\n  fun f() {\n    val b = 1\n    open = true\n    get(b)\n  }\n  fun get(i: Int) = i\n}", &["class A", "field A.open", "method A.f", "var A.f.b", "method A.get", "param A.get.i"])]
#[case::headers_on_two_lines("open class A\ninternal constructor(\n  internal val b: Int,\n) : C() {\n  fun d() = b\n}", &["class A", "field A.b", "method A.d"])]
fn definitions_of_kotlin(#[case] text: &str, #[case] wanted: &[&str]) {
    let all = definitions(&facts(languages::KOTLIN, text));
    let named: Vec<&str> = all.iter().map(String::as_str).filter(|d| !d.ends_with("<this>") && !d.ends_with(".it")).collect();
    assert_eq!(named, wanted);
}

#[rstest]
#[case::texts("val a = \"$b and ${c.d} \\$e\"", &["read b", "read c", "read d"])]
#[case::calls("fun f(a: A) { a.b(1).c = d { it.e }; a infix a; a?.g; h!!.i }", &["type A", "read a*", "call b", "write c", "call d", "read it*", "read e", "read a*", "call infix", "pass a*", "read a*", "read g", "read h", "read i"])]
#[case::references("val a = ::b\nval c = D::e\nval f = D::class", &["ref b", "ref D", "ref e", "ref D"])]
#[case::generic_calls("val a = b<C> { d }", &["call b", "type C", "read d"])]
#[case::named_arguments("val a = b(c = d)", &["call b", "write c", "pass d"])]
fn uses_of_kotlin(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::KOTLIN, text)), wanted);
}

/// What is not known is said: a type that is not there keeps an answer from being complete.
#[test]
fn what_leads_out_of_the_sources_is_said() {
    let project = Project::with(&[("A.kt", "package larder\nimport far.away.Crane\nfun lift(c: Crane) = c.lift()\n")]);
    let answers = ask(&engine(&project), "where is A.kt:3:24");
    assert!(answers.answers.iter().all(|a| a.certainty_word() != Some("proven")), "{:?}", answers.answers);
    assert!(!answers.missing.is_empty());
}

/// Its library is there where its files are, and not for Java alone.
#[rstest]
#[case::kotlin("A.kt", "fun f(names: List<String>) = names.first()\n", true)]
#[case::java("A.java", "class A { int f(String s) { return s.length(); } }\n", false)]
fn its_library_comes_with_its_files(#[case] file: &str, #[case] text: &str, #[case] wanted: bool) {
    let project = Project::with(&[(file, text)]);
    let index = testkit::indexed_as(&project, Default::default());
    let units = index.units();
    assert_eq!(units.iter().any(|u| u.name == "kotlin-std"), wanted, "{:?}", units.iter().map(|u| &u.name).collect::<Vec<_>>());
}
