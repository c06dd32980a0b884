//! Perl.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::packages(&[(
    "wheel.pl",
    r#"
use strict;
use warnings;

package ⟦Disc:Larder::Disc⟧;
our ⟦count:$count⟧ = 0;
sub ⟦new:new⟧ { my (⟦class:$class⟧, ⟦args:%args⟧) = @_; «count=$count»++; return bless { «args=%args» }, «class=$class» }
sub ⟦weigh:weigh⟧ { my ⟦self:$self⟧ = shift; return «self=$self»->«twice~twice»(1) }
sub ⟦twice:twice⟧ { my ($self, ⟦by:$by⟧) = @_; return «by=$by» * 2 }

package ⟦Wheel:Larder::Wheel⟧;
our @ISA = ('«Disc=Larder::Disc»');
sub ⟦turn:turn⟧ { my $self = shift; $self->«weigh~weigh»; return $self->SUPER::«twice~twice»(3) }

package main;
my ⟦w:$w⟧ = «Wheel=Larder::Wheel»->«new=new»(age => 1);
«w=$w»->«turn~turn»;
print «Disc=Larder::Disc»::«twice=twice»(undef, 4), $Larder::Disc::count;
"#,
)])]
#[case::variables(&[(
    "names.pl",
    r#"
use strict;
use warnings;

my ⟦list:@names⟧ = (1, 2);
my ⟦hash:%names⟧ = (a => 1);
my ⟦one:$names⟧ = 3;
sub ⟦all:all⟧ {
    my (⟦x:$x⟧, ⟦y:$y⟧) = @_;
    foreach my ⟦n:$n⟧ («list=@names») { print "$n of @names and $x\n" if «n=$n» > «y=$y» }
    {
        my ⟦inner:$x⟧ = «x=$x» + 1;
        print «inner=$x»;
    }
    return «list=$names»[0] + «hash=$names»{a} + «one=$names» + «list=$#names» + scalar(«hash=%names») + «x=$x»;
}
my ⟦ref:$ref⟧ = \&«all=all»;
«ref=$ref»->(1, 2);
«all=all»(«one=$names», 2);
my @doubled = map { my ⟦k:$k⟧ = $_; «k=$k» * 2 } grep { $_ > «one=$names» } «list=@names»;
while (my ⟦line:$line⟧ = shift @doubled) { print «line=$line» }
"#,
)])]
#[case::constants_and_signatures(&[(
    "sized.pl",
    r#"
use v5.20;
use warnings;
use feature 'signatures';
no warnings 'experimental::signatures';
use constant ⟦SIZE:SIZE⟧ => 4;
use constant { ⟦LOW:LOW⟧ => 1, ⟦HIGH:HIGH⟧ => 2 };

sub ⟦area:area⟧ (⟦w:$w⟧, ⟦h:$h⟧ = «SIZE=SIZE», ⟦more:@more⟧) {
    return «w=$w» * «h=$h» + «LOW=LOW» + @more;
}
say «area=area»(«HIGH=HIGH»), «area=area»(1, «SIZE=SIZE»);
my %table = («LOW=LOW», 'a', HIGH => 'b');
"#,
)])]
fn names_of_perl_lead_to_what_they_mean(#[case] files: &[(&str, &str)]) {
    compiles(files, &["perl", "-c"], &[".pl"]);
    check(files);
}
