//! PHP: little programs with marks.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::members(&[(
    "rack.php",
    r#"<?php
namespace Larder;

class ⟦Rack:Rack⟧
{
    const ⟦DEPTH:DEPTH⟧ = 3;
    private static int $⟦count:count⟧ = 0;
    /** @var Wheel[] */
    private array $⟦wheels:wheels⟧ = [];

    public function ⟦made:__construct⟧(private int $⟦depth:depth⟧ = self::«DEPTH=DEPTH»)
    {
        self::$«count=count»++;
    }

    public function ⟦first:first⟧(): ?Wheel { return $this->«wheels=wheels»[0] ?? null; }

    public function ⟦sum:sum⟧(): int
    {
        ⟦total:$total⟧ = 0;
        foreach ($this->«wheels=wheels» as ⟦w:$w⟧) {
            «total=$total» += «w=$w»->«grams~grams»;
        }
        return «total=$total» + $this->«first=first»()->«turn=turn»(2) + static::«DEPTH=DEPTH» + $this->«depth=depth»;
    }

    public static function ⟦of:of⟧(): static { return new static(); }
}

class ⟦Wheel:Wheel⟧
{
    public int $⟦grams:grams⟧ = 1;
    public function ⟦turn:turn⟧(int $by): int { return $by; }
}

function ⟦all:all⟧(Rack $rack): int
{
    return $rack->«sum=sum»() + «Rack=Rack»::«of=of»()->«sum=sum»() + (new «made=Rack»(2))->«sum=sum»() + (new «Wheel=Wheel»)->«grams=grams» + «all=all»($rack);
}
"#,
)])]
#[case::namespaces(&[
    ("larder.php", "<?php\nnamespace Larder\\Store;\nconst ⟦WIDTH:WIDTH⟧ = 1;\nfunction ⟦turn:turn⟧() {}\nfunction ⟦strlen:strlen⟧() {}\nclass ⟦Rack:Rack⟧ { public function ⟦take:take⟧() {} }\n"),
    ("other.php", "<?php\nnamespace Other;\nfunction turn() {}\nclass Rack { public function take() {} }\n"),
    ("global.php", "<?php\nfunction ⟦everywhere:everywhere⟧() {}\nclass ⟦Plain:Plain⟧ {}\n"),
    (
        "use.php",
        r#"<?php
namespace Elsewhere;

use Larder\Store\{Rack as Shelf, Rack};
use Larder\Store;
use function Larder\Store\turn;
use const Larder\Store\WIDTH;

function go(Shelf $s, Store\Rack $r, \Larder\Store\Rack $q)
{
    $s->«take=take»();
    $r->«take=take»();
    $q->«take=take»();
    «turn=turn»();
    Store\«turn=turn»();
    namespace\«own=own»();
    «everywhere=everywhere»();
    new \«Plain=Plain»();
    return «WIDTH=WIDTH» + \Larder\Store\«WIDTH=WIDTH» + Store\«strlen=strlen»();
}
function ⟦own:own⟧() {}
"#,
    ),
])]
#[case::inheritance_and_traits(&[(
    "disc.php",
    r#"<?php
interface ⟦Turns:Turns⟧ { public function ⟦ask:turn⟧(int $by): int; }
trait ⟦Counts:Counts⟧
{
    private int $⟦n:n⟧ = 0;
    public function ⟦counted:counted⟧(): static { $this->«n=n»++; return $this; }
}
abstract class ⟦Disc:Disc⟧
{
    public function ⟦discmade:__construct⟧(protected int $⟦grams:grams⟧) {}
    abstract public function ⟦weigh:weigh⟧(): int;
    public function ⟦twice:twice⟧(): int { return 2 * $this->«weigh~weigh»(); }
}
class ⟦Wheel:Wheel⟧ extends «Disc=Disc» implements «Turns=Turns»
{
    use «Counts=Counts»;
    public function ⟦wheelmade:__construct⟧() { parent::«discmade=__construct»(3); }
    public function ⟦weighed:weigh⟧(): int { return $this->«grams=grams» + parent::«twice=twice»(); }
    public function ⟦turn:turn⟧(int $by): int { return $by; }
}
function use_them(Turns $t, Wheel $w): int
{
    if ($t instanceof «Wheel=Wheel») { return 1; }
    return $t->«ask~turn»(1) + $w->«turn=turn»(2) + $w->«weighed=weigh»() + $w->«counted=counted»()->«twice=twice»() + (new «wheelmade=Wheel»)->«twice=twice»();
}
"#,
)])]
#[case::comments_tell_types(&[(
    "told.php",
    r#"<?php
namespace Larder;

class ⟦Wheel:Wheel⟧ { public function ⟦turn:turn⟧() {} }

/**
 * @template T
 */
class ⟦Rack:Rack⟧
{
    /** @return T */
    public function ⟦first:first⟧() {}
    /** @return self<T> */
    public function ⟦same:same⟧() {}
}

/** @extends Rack<Wheel> */
class ⟦Wheels:Wheels⟧ extends «Rack=Rack» {}

/**
 * @property Wheel $⟦front:front⟧
 * @method Wheel ⟦back:back⟧()
 */
class ⟦Cart:Cart⟧ {}

/**
 * @param Rack<Wheel> $rack
 * @param array<string, Wheel> $all
 * @param Wheel|null $one
 */
function told($rack, array $all, $one, Cart $cart, Wheels $wheels)
{
    $rack->«first=first»()->«turn=turn»();
    $wheels->«first=first»()->«turn=turn»();
    foreach ($all as $each) { $each->«turn~turn»(); }
    $one->«turn=turn»();
    $cart->«front=front»->«turn=turn»();
    $cart->«back=back»()->«turn=turn»();
    /** @var Wheel $x */
    $x = unknown();
    $x->«turn~turn»();
    array_pop($all)->«turn=turn»();
    $f = fn (Wheel $w) => $w->«turn=turn»();
    $g = function () use ($one) { $one->«turn=turn»(); };
}
"#,
)])]
#[case::constants_and_enums(&[(
    "kind.php",
    r#"<?php
define('⟦SIZE:SIZE⟧', 3);
enum ⟦Kind:Kind⟧: string
{
    case ⟦Oak:Oak⟧ = 'o';
    const ⟦Usual:Usual⟧ = self::«Oak=Oak»;
    public function ⟦label:label⟧(): string { return ucfirst($this->value); }
    public static function ⟦best:best⟧(): self { return self::«Oak=Oak»; }
}
function label(): string { return Kind::«Oak=Oak»->«label=label»() . Kind::«best=best»()->«label=label»() . «SIZE=SIZE» . «Kind=Kind»::class; }
"#,
)])]
fn names_lead_where_the_language_leads_them(#[case] files: &[(&str, &str)]) {
    check(files);
    // The language checks one file at a time.
    files.iter().for_each(|file| compiles(&[*file], &["php", "-l"], &["php"]));
}
