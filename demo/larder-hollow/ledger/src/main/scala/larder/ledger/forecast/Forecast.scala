package larder.ledger.forecast

import java.time.LocalDate
import larder.ledger.{Entry, EntryStore, Ledger, Money}
import larder.ledger.prices.{PriceList, Quality}
import scala.jdk.CollectionConverters.*

/** What comes in in a month, and how sure that is. */
final case class Outlook(month: Int, income: Money, wheels: Int):
  def isThin(least: Money): Boolean = income.compareTo(least) < 0

/** Something that says what a wheel will bring. */
trait Appraiser:
  def appraise(made: Entry.WheelMade): Option[Money]

/** Goes by the age of a wheel. */
final class ByAge(prices: PriceList, today: LocalDate) extends Appraiser:
  private val ripe = 90

  override def appraise(made: Entry.WheelMade): Option[Money] =
    val age = (today.toEpochDay - made.day.toEpochDay).toInt
    Option.when(age >= 0)(prices.cheese(Forecast.UsualGrams, quality(age)))

  private def quality(age: Int): Quality =
    if age < ripe then Quality.Sound.INSTANCE
    else if age < 2 * ripe then Quality.Prime.INSTANCE
    else Quality.Overripe(age - 2 * ripe)

/** Looks ahead by what lies in the caves. */
final class Forecast(store: EntryStore, appraiser: Appraiser):
  def of(year: Int): List[Outlook] =
    val entries = store.between(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31)).asScala.toList
    val sold = entries.collect { case sold: Entry.WheelSold => sold.wheel }.toSet
    val worth =
      for
        case made: Entry.WheelMade <- entries
        if !sold.contains(made.wheel)
        money <- appraiser.appraise(made)
      yield (made.day.getMonthValue, money)
    worth.groupMap(_._1)(_._2).map((month, all) => Outlook(month, all.total, all.size)).toList.sortBy(_.month)

object Forecast:
  /** What a wheel weighs, as a rule. */
  val UsualGrams = 8200

  /** The first month that brings too little. */
  def thinnest(outlooks: List[Outlook], ledger: Ledger): Option[Outlook] =
    outlooks.filter(_.isThin(ledger.assets.values.asScala.toList.total)).minByOption(_.income.cents)

extension (amounts: List[Money]) def total: Money = amounts.foldLeft(Money.ZERO)(_ plus _)
