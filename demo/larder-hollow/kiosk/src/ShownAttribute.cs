namespace Larder.Kiosk;

/// <summary>Marks what the kiosk shows, and in which order.</summary>
[AttributeUsage(AttributeTargets.Class | AttributeTargets.Property)]
public sealed class ShownAttribute : Attribute
{
    public ShownAttribute(int order) => Order = order;

    public int Order { get; }

    public string? Title { get; init; }
}
