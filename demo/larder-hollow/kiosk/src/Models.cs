namespace Larder.Kiosk;

/// <summary>A wheel as the routes tell of it.</summary>
public sealed record Wheel(int Id, CheeseInfo Cheese, int[]? Slot, DateTime TurnedAt, int WeightGrams)
{
    /// <summary>What the wheel costs at <paramref name="perKilo"/>.</summary>
    public decimal PriceAt(decimal perKilo) => Math.Round(perKilo * WeightGrams / 1000m, 2);

    public bool IsShown => Slot is { Length: 3 };
}

public sealed record CheeseInfo(int Id, string Name, int TurnEveryDays, string Family);

public enum Shade { Light, Dark, Seasonal }
