namespace Larder.Kiosk;

/// <summary>What somebody is about to buy.</summary>
public partial class Basket
{
    private readonly Dictionary<int, (Wheel Wheel, int Grams)> _lines = new();

    [Shown(2, Title = "Your basket")]
    public IEnumerable<(Wheel Wheel, int Grams)> Lines => _lines.Values;

    /// <summary>Cuts a piece; a second piece of a wheel is added to the first.</summary>
    /// <exception cref="ArgumentOutOfRangeException">More than the wheel weighs.</exception>
    public void Cut(Wheel wheel, int grams)
    {
        var before = _lines.TryGetValue(wheel.Id, out var line) ? line.Grams : 0;
        if (before + grams > wheel.WeightGrams)
        {
            throw new ArgumentOutOfRangeException(nameof(grams), grams, $"wheel {wheel.Id} weighs {wheel.WeightGrams}");
        }
        _lines[wheel.Id] = (wheel, before + grams);
        OnChanged(wheel);
    }

    partial void OnChanged(Wheel wheel);
}
