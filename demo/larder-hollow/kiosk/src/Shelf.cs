using System.Collections;

namespace Larder.Kiosk;

/// <summary>The wheels a customer sees, in rows.</summary>
[Shown(1, Title = "On the shelf")]
public class Shelf : IEnumerable<Wheel>
{
    private readonly List<Wheel> _wheels = new();

    public event EventHandler<Wheel>? Added;

    public int Count => _wheels.Count;

    public Wheel this[int id] => _wheels.First(w => w.Id == id);

    public void Add(Wheel wheel)
    {
        _wheels.Add(wheel);
        Added?.Invoke(this, wheel);
    }

    /// <summary>Rows of so many wheels; the last may be shorter.</summary>
    public IEnumerable<IReadOnlyList<Wheel>> Rows(int columns)
    {
        var row = new List<Wheel>(columns);
        foreach (var wheel in this)
        {
            row.Add(wheel);
            if (row.Count == columns)
            {
                yield return row;
                row = new List<Wheel>(columns);
            }
        }
        if (row.Count > 0)
        {
            yield return row;
        }
    }

    public IEnumerator<Wheel> GetEnumerator()
    {
        foreach (var wheel in _wheels.InWeight())
        {
            if (wheel.IsShown)
                yield return wheel;
        }
    }

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}
