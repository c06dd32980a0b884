using Larder.Kiosk;
using Slate.Display;

var larder = new Uri(Environment.GetEnvironmentVariable("LARDER_URL") ?? "http://localhost:8088");
using var source = new WheelClient(larder);

var shelf = new Shelf();
var screen = new SlateScreen(columns: 4);
shelf.Added += (_, wheel) => screen.Highlight(wheel.Id, wheel.ShadeOf().ToString());

foreach (var rack in args.Select(int.Parse))
{
    foreach (var wheel in await Ask(source, rack))
    {
        shelf.Add(wheel);
    }
}

var basket = new Basket { PerKilo = 26.5m };
if (shelf.TryFind("quarry", out var found))
{
    basket += found!;
}

foreach (var row in shelf.Rows(4))
{
    screen.Show(row.Select(w => $"{w.Cheese.Name} {w.PriceAt(basket.PerKilo)}"));
}
Console.WriteLine($"{basket.Total} for {basket.Lines.Count()} pieces");

// Nobody waits longer than this for a rack.
static Task<IReadOnlyList<Wheel>> Ask(IWheelSource source, int rack)
{
    using var cancel = new CancellationTokenSource(TimeSpan.FromSeconds(3));
    return source.OnRackAsync(rack, cancel.Token);
}
