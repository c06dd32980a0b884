namespace Larder.Kiosk;

/// <summary>What the kiosk asks of wheels it did not make.</summary>
public static class WheelExtensions
{
    /// <summary>The heaviest first.</summary>
    public static IEnumerable<Wheel> InWeight(this IEnumerable<Wheel> wheels) =>
        from wheel in wheels
        orderby wheel.WeightGrams descending
        select wheel;

    public static Shade ShadeOf(this Wheel wheel) => wheel.Cheese.Family switch
    {
        "blue" => Shade.Dark,
        "hard" or "washed" => Shade.Seasonal,
        _ => Shade.Light,
    };

    public static bool TryFind(this IEnumerable<Wheel> wheels, string name, out Wheel? found)
    {
        found = wheels.FirstOrDefault(w => w.Cheese.Name.Contains(name, StringComparison.OrdinalIgnoreCase));
        return found is not null;
    }
}
