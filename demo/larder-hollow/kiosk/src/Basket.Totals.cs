namespace Larder.Kiosk;

/// <summary>Sums of a basket.</summary>
public partial class Basket
{
    private decimal? _total;

    public decimal PerKilo { get; init; } = 28m;

    [Shown(3)]
    public decimal Total => _total ??= Lines.Sum(line => PriceOf(line.Wheel, line.Grams));

    private decimal PriceOf(Wheel wheel, int grams)
    {
        return grams == wheel.WeightGrams ? Whole(wheel) : Piece();

        decimal Piece() => Math.Round(PerKilo * grams / 1000m, 2);

        // Who takes a whole wheel pays a tenth less.
        static decimal Discount(decimal price) => price * 0.9m;

        decimal Whole(Wheel w) => Discount(w.PriceAt(PerKilo));
    }

    partial void OnChanged(Wheel wheel) => _total = null;

    public static Basket operator +(Basket basket, Wheel wheel)
    {
        basket.Cut(wheel, wheel.WeightGrams);
        return basket;
    }
}
