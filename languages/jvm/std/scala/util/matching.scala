package scala.util.matching

/** A regular expression. */
class Regex(regex: String) {
  def findFirstIn(source: CharSequence): Option[String]
  def findFirstMatchIn(source: CharSequence): Option[Match]
  def findAllIn(source: CharSequence): Iterator[String]
  def findAllMatchIn(source: CharSequence): Iterator[Match]
  def replaceAllIn(target: CharSequence, replacement: String): String
  def replaceAllIn(target: CharSequence, replacer: Match => String): String
  def matches(source: CharSequence): Boolean
  def unapplySeq(s: CharSequence): Option[List[String]]
  class Match {
    def group(i: Int): String
    def start: Int
    def end: Int
    def matched: String
    def before: CharSequence
    def after: CharSequence
    def subgroups: List[String]
  }
}
