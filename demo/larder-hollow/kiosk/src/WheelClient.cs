using System.Net.Http.Json;

namespace Larder.Kiosk;

/// <summary>Asks the routes for wheels.</summary>
public interface IWheelSource
{
    Task<IReadOnlyList<Wheel>> OnRackAsync(int rack, CancellationToken cancel = default);
}

/// <inheritdoc />
public sealed class WheelClient : IWheelSource, IDisposable
{
    private readonly HttpClient _http;

    public WheelClient(Uri larder) => _http = new HttpClient { BaseAddress = larder };

    public async Task<IReadOnlyList<Wheel>> OnRackAsync(int rack, CancellationToken cancel = default)
    {
        var wheels = await _http.GetFromJsonAsync<List<Wheel>>($"/api/racks/{rack}/wheels", cancel);
        return wheels ?? new List<Wheel>();
    }

    public void Dispose() => _http.Dispose();
}
