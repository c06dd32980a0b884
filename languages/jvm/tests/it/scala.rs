//! Scala, both of its syntaxes: little programs with marks, alone and beside Java.

use rstest::rstest;
use testkit::marked::{check, compiles};
use testkit::{Project, ask, definitions, engine, facts, uses};

/// Checks the marks, and with a compiler that the program is one.
fn checked(files: &[(&str, &str)]) {
    check(files);
    compiles(files, &["scalac", "-d", "."], &[".scala"]);
}

#[rstest]
#[case::members_and_companions(&[(
    "Rack.scala",
    r#"package larder

class ⟦Disc:Disc⟧(val ⟦grams:grams⟧: Int) {
  def ⟦turn:turn⟧(by: Int): Disc = this
  def ⟦bare:bare⟧: Int = «grams=grams»
}

class ⟦Rack:Rack⟧(⟦depth:depth⟧: Int) extends «Disc=Disc»(depth) {
  private var ⟦count:count⟧ = 0
  override def ⟦turned:turn⟧(by: Int): Rack = {
    «count=count» += by
    super.«turn~turn»(by)
    this.«count=count» = «depth=depth»
    this
  }
  def ⟦all:all⟧: Int = «turned=turn»(1).«bare=bare» + «Rack_object=Rack».«LEAST=LEAST» + s"$«count=count» ${«grams=grams»}".length
}

object ⟦Rack_object:Rack⟧ {
  val ⟦LEAST:LEAST⟧ = 1
  def ⟦made:made⟧(n: Int): Rack = new «Rack=Rack»(n)
}

object ⟦Larder:Larder⟧ {
  lazy val ⟦first:first⟧ = «Rack_object=Rack».«made=made»(3)
  def ⟦open:open⟧(): Int = «first=first».«all=all»
}
"#,
)])]
#[case::case_classes_and_patterns(&[(
    "Shapes.scala",
    r#"package larder

sealed trait ⟦Shape:Shape⟧
case class ⟦Wheel:Wheel⟧(⟦teeth:teeth⟧: Int) extends «Shape=Shape» { def ⟦turn:turn⟧: Wheel = this }
case class ⟦Slot:Slot⟧(at: Int, ⟦wheel:wheel⟧: Wheel) extends «Shape=Shape»
object Small { def ⟦unapply:unapply⟧(n: Int): Option[Wheel] = Some(«Wheel=Wheel»(n)) }

object Shapes {
  def told(shape: Shape, any: Any, one: Option[Wheel], n: Int): Int = {
    shape match {
      case «Wheel=Wheel»(t) => t
      case Slot(_, w) => w.«turn=turn».«teeth=teeth»
    }
    any match {
      case w: Wheel => w.«teeth=teeth»
      case s @ Slot(_, Wheel(2)) => s.«wheel=wheel».«teeth=teeth»
      case _ => 0
    }
    one match {
      case Some(w) => w.«teeth=teeth»
      case None => 1
    }
    n match { case Small(w) => w.«teeth=teeth» }
    val (a, b) = («Wheel=Wheel»(1), 2)
    a.«teeth=teeth» + one.map(_.«turn=turn»).fold(0)(w => w.«teeth=teeth»)
  }
}
"#,
)])]
#[case::traits_and_what_they_say_of_themselves(&[(
    "Traits.scala",
    r#"package larder

trait ⟦Turns:Turns⟧ { self: Wheels =>
  def ⟦spin:spin⟧(): Int = «wheels=wheels».head.«teeth=teeth» + self.«wheels=wheels».size
}
trait ⟦Wheels:Wheels⟧ {
  def ⟦wheels:wheels⟧: List[Wheel]
  class ⟦Wheel:Wheel⟧(val ⟦teeth:teeth⟧: Int)
  type ⟦Handle:Handle⟧ <: Wheel
}
trait Loud extends Turns { self: Wheels =>
  override def ⟦loud:spin⟧(): Int = super.«spin~spin»() + 1
}
class Rack extends Wheels with Loud {
  val ⟦own:wheels⟧ = List(new «Wheel=Wheel»(2))
  def go(): Int = «loud=spin»() + «own=wheels».head.«teeth=teeth»
}
"#,
)])]
#[case::the_library_leads_on(&[(
    "Library.scala",
    r#"package larder

import scala.collection.mutable
import scala.util.Try

class ⟦Wheel:Wheel⟧(val ⟦teeth:teeth⟧: Int) { def ⟦turn:turn⟧(): Wheel = this; def ⟦path:path⟧: String = "x" }

class Racks(wheels: List[Wheel], byName: Map[String, List[Wheel]]) {
  private val buffer = mutable.ArrayBuffer.empty[Wheel]
  def go(any: Any): Unit = {
    wheels.head.«turn=turn»()
    wheels.map(_.«turn=turn»()).filter(_.«teeth=teeth» > 1).foreach(w => w.«turn=turn»())
    byName("a").head.«turn=turn»()
    byName.getOrElse("a", Nil).head.«turn=turn»()
    for (w <- wheels; all <- byName.values; u <- all) u.«turn=turn»()
    val turned = for { w <- wheels; if w.«teeth=teeth» > 1 } yield w.«turn=turn»()
    turned.last.«turn=turn»()
    byName.foreach { case (_, all) => all.head.«turn=turn»() }
    buffer.head.«turn=turn»()
    wheels.foldLeft(new Wheel(1)) { (a, b) => a.«turn=turn»() }.«turn=turn»()
    wheels.zipWithIndex.map { case (w, i) => w.«turn=turn»() }
    wheels.groupBy(_.«path=path»).values.flatten.head.«turn=turn»()
    wheels match { case first :: rest => first.«turn=turn»(); rest.head.«turn=turn»(); case Nil => }
    Try(new Wheel(1)).map(_.«turn=turn»()).getOrElse(new Wheel(2)).«turn=turn»()
    any.asInstanceOf[Wheel].«turn=turn»()
    wheels.collect { case w if w.«teeth=teeth» > 1 => w.«turn=turn»() }.head.«turn=turn»()
  }
}
"#,
)])]
#[case::imports(&[
    ("larder/wheels/package.scala", "package larder\n\npackage object ⟦wheels:wheels⟧ {\n  type ⟦Ring:Ring⟧ = Wheel\n  val ⟦WIDE:WIDE⟧ = 3\n}\n"),
    ("larder/wheels/Wheel.scala", "package larder.wheels\n\nclass ⟦Wheel:Wheel⟧ { def ⟦turn:turn⟧(): Int = «WIDE=WIDE» }\nobject ⟦Ops:Ops⟧ { def ⟦oil:oil⟧(w: Wheel): Int = w.«turn=turn»(); val ⟦spare:spare⟧ = new Wheel }\n"),
    (
        "larder/Use.scala",
        "package larder\npackage racks\n\nimport wheels.{Ops => Tools, Wheel}\n\nclass Use {\n  import Tools._\n  def go(w: Wheel, ring: wheels.Ring): Int = {\n    import spare.«turn=turn»\n    «oil=oil»(w) + Tools.«oil=oil»(«spare=spare») + larder.wheels.Ops.«oil=oil»(w) + «turn=turn»() + ring.«turn=turn»()\n  }\n}\n",
    ),
])]
#[case::the_newer_syntax(&[(
    "Newer.scala",
    r#"package larder

enum ⟦Size:Size⟧(val ⟦teeth:teeth⟧: Int):
  case ⟦Small:Small⟧ extends Size(1)
  case ⟦Large:Large⟧ extends Size(2)
  def ⟦next:next⟧: Size = Size.«Large=Large»

trait ⟦Order:Order⟧[T]:
  extension (t: T) def ⟦before:before⟧(other: T): Boolean

extension (size: Size)
  def ⟦wide:wide⟧(by: Int): Int =
    size.«teeth=teeth» * by
  def ⟦plain:plain⟧ = size.«next=next»

def ⟦top:top⟧(using order: Order[Size])(size: Size): Int =
  if size.«teeth=teeth» > 1 then
    size.«wide~wide»(2)
  else
    Size.«Small=Small».«plain~plain».«teeth~teeth»

class Rack(size: Size):
  def go(all: List[Size]): Int =
    all.map: s =>
      s.«next=next».«teeth=teeth»
    .sum
end Rack
"#,
)])]
fn names_of_scala(#[case] files: &[(&str, &str)]) {
    checked(files);
}

/// What an implicit class adds, an import may keep away: it is inferred.
#[test]
fn what_is_added_is_inferred() {
    check(&[(
        "Added.scala",
        "package larder\nclass ⟦Wheel:Wheel⟧ { def ⟦turn:turn⟧(): Wheel = this }\nclass Disc\nobject Ops {\n  implicit class More(val w: Wheel) extends AnyVal { def ⟦twice:twice⟧: Wheel = w.«turn=turn»() }\n  implicit class Other(val d: Disc) extends AnyVal { def twice: Disc = d }\n}\nobject Use {\n  import Ops._\n  new Wheel().«twice~twice».«turn~turn»()\n}\n",
    )]);
}

#[test]
fn scala_sees_java() {
    check(&[
        (
            "larder/Shelf.java",
            "package larder;\npublic class ⟦Shelf:Shelf⟧ {\n    public static final int ⟦WIDE:WIDE⟧ = 1;\n    public int ⟦plain:plain⟧;\n    public ⟦made:Shelf⟧(int n) {}\n    public Shelf ⟦below:below⟧() { return this; }\n    public static Shelf ⟦of:of⟧(String s) { return null; }\n    public static Shelf ⟦number:of⟧(int s) { return null; }\n}\n",
        ),
        (
            "larder/Use.scala",
            "package larder\nclass Low extends «Shelf=Shelf»(2) {\n  def go(s: Shelf): Int = s.«below=below».«plain=plain» + Shelf.«WIDE=WIDE» + Shelf.«of=of»(\"a\").«below=below»().«plain=plain» + Shelf.«number=of»(1).«plain=plain» + «plain=plain»\n}\n",
        ),
    ]);
}

#[rstest]
#[case::classes("class A[T](val b: Int, c: T)(implicit d: D) extends E { self: F => val g, h = 1; def i(j: Int*)(k: => Int) = 1; type L = T; object M; def this() = this(1) }",
    &["class A", "typeparam A.T", "field A.b", "field A.c", "field A.d", "param A.self", "field A.g", "field A.h", "method A.i", "param A.i.j", "param A.i.k", "alias A.L", "class A.M", "constructor A.this"])]
#[case::bindings("object A { val (b, C(d)) = e; def f = { for (g <- h; (i, j) = g) k; l match { case m: N => m; case o @ P(q) => o }; r.map { case (s, t) => s } } }",
    &["class A", "field A.b", "field A.d", "method A.f", "var A.f.g", "var A.f.i", "var A.f.j", "var A.f.m", "var A.f.o", "var A.f.q", "var A.f.s", "var A.f.t"])]
#[case::texts_of_interpolators("object A { def b = sql\"\\(${c(\"}\")}\\)\"; def d = 1 }", &["class A", "method A.b", "method A.d"])]
#[case::comments_between_bases("trait A extends B\n  /* internal */ with C {\n  def d = 1\n}", &["interface A", "method A.d"])]
#[case::lists_of_bases("class A extends B(1)(c, d) {\n  def e = 1\n}", &["class A", "method A.e"])]
#[case::private_enums("private[larder] enum A:\n  case B\n  def c = 1\n", &["enum A", "variant A.B", "method A.c"])]
fn definitions_of_scala(#[case] text: &str, #[case] wanted: &[&str]) {
    let all = definitions(&facts(languages::SCALA, text));
    let named: Vec<&str> = all.iter().map(String::as_str).filter(|d| !d.ends_with('>')).collect();
    assert_eq!(named, wanted);
}

#[rstest]
#[case::calls("object A { b.c(1).d; e f g; h(i = j); k.l _; m { n => n.o } }", &["read b", "call c", "read d", "read e", "call f", "pass g", "call h", "write i", "pass j", "read k", "ref l", "call m", "read n*", "read o"])]
#[case::interpolators("object A { s\"$b ${c.d}\"; sql\"e $f\" }", &["read b", "read c", "read d", "call sql", "read f"])]
#[case::types("class A(b: C[D]) extends E with F { def g: h.I = new J[K](l); val m: N => O }", &["type C", "type D", "type E", "type F", "ref h", "type I", "type J", "type K", "pass l", "type N", "type O"])]
#[case::written("object A { b = c; d.e = f; g += h; i(j) = k }", &["write b", "read c", "read d", "write e", "read f", "write g", "pass h", "call i", "pass j", "read k"])]
#[case::parameters_without_names("def a(using B, C): D = e", &["type B", "type C", "type D", "read e"])]
fn uses_of_scala(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(uses(&facts(languages::SCALA, text)), wanted);
}

/// Imports that lead to one another end.
#[test]
fn imports_in_a_circle_end() {
    let project = Project::with(&[
        ("A.scala", "package larder\nimport a.b\nimport b.a\nimport Util._\nimport Type._\nobject Use { def go = b.c + d }\n"),
        ("B.scala", "package larder\nobject Util { def d = 1 }\nobject Type { import Util._; def e = d }\n"),
    ]);
    let answers = ask(&engine(&project), "where is A.scala:6:29");
    assert_eq!(answers.answers.first().map(|a| (a.path.as_str(), a.line)), Some(("B.scala", 2)));
}

/// What is not known is said.
#[test]
fn what_leads_out_of_the_sources_is_said() {
    let project = Project::with(&[("A.scala", "package larder\nimport far.away.Crane\nclass A { def lift(c: Crane) = c.lift() }\n")]);
    let answers = ask(&engine(&project), "where is A.scala:3:34");
    assert!(answers.answers.iter().all(|a| a.certainty_word() != Some("proven")), "{:?}", answers.answers);
    assert!(!answers.missing.is_empty());
}
