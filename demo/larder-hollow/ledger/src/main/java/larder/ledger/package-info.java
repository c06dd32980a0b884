/**
 * The books of the cooperative: what was bought, what ripened, what was sold.
 *
 * <p>Every {@link larder.ledger.Entry} stands in two accounts, once on each side; an entry is never changed.
 */
package larder.ledger;
