// What milk and cheese cost, by day and quality.
package larder.ledger.prices

import larder.ledger.Account
import larder.ledger.Ledger
import larder.ledger.Money

/** How a wheel came out of the cave. */
sealed class Quality(val percent: Int) {
    data object Prime : Quality(100)

    data object Sound : Quality(85)

    /** Too long in the cave, by so many [days]. */
    data class Overripe(val days: Int) : Quality((70 - days).coerceAtLeast(20))
}

/** Prices per unit; [rounding] is what a customer is spared. */
data class PriceList(val milkPerLitre: Money, val cheesePerKilo: Money, val rounding: Long = 5) {
    fun milk(litres: Int): Money = milkPerLitre * litres

    fun cheese(grams: Int, quality: Quality): Money =
        (cheesePerKilo * grams / 1000).share(quality.percent, 100).rounded(rounding)

    companion object {
        /** The prices of the village market. */
        @JvmField
        val MARKET = PriceList(Money.of(0.62), Money.of(28.0))

        @JvmStatic
        fun cheaper(percent: Int): PriceList = MARKET.run { copy(cheesePerKilo = cheesePerKilo.share(100 - percent, 100)) }
    }
}

operator fun Money.times(factor: Int): Money = Money(cents * factor)

operator fun Money.div(divisor: Int): Money = share(1, divisor)

/** Down to the next multiple of [step] cents. */
fun Money.rounded(step: Long): Money = if (step <= 1) this else Money(cents - Math.floorMod(cents, step))

/** What the cooperative could spend at once. */
val Ledger.spendable: Money
    get() = balance(Account.Kind.CASH).takeUnless { it.isDebt } ?: Money.ZERO

/** Tells an account in a line. */
fun Ledger.tell(kind: Account.Kind): String = buildString {
    append(kind.name.lowercase()).append(": ")
    append(balance(kind))
    if (balance(kind).isDebt) append(" owed")
}
