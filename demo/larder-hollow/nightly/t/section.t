use strict;
use warnings;
use Test::More tests => 3;
use lib 'lib';
use Larder::Nightly::Climate;

my $section = Larder::Nightly::Climate->new(ranges => [ { probe => 3, low => 700, high => 1200 } ]);
is($section->alarms, 1, 'cold is an alarm');
like($section->text, qr/probe 3: 7\.0 to 12\.0/, 'ranges are told');
ok(!eval { Larder::Nightly::Section->new->rows; 1 }, 'a section without rows says so');
