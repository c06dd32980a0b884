#!/usr/bin/perl
use strict;
use warnings;
use FindBin qw($Bin);
use lib "$Bin/../lib";
use Getopt::Long qw(GetOptions);
use Larder::Nightly;

=head1 NAME

nightly - writes the report of the night and mails it

=head1 SYNOPSIS

    nightly.pl --db /data/larder.db --since 2025-03-06 [--mail keeper@larder-hollow.example]

=cut

my %option = (db => $ENV{LARDER_DB}, since => undef, mail => []);
GetOptions(\%option, 'db=s', 'since=s', 'mail=s@') or die "nightly: wrong options\n";

my $report = Larder::Nightly->new(db => $option{db}, since => $option{since});
my $text   = $report->text;

print $text;
for my $to (@{ $option{mail} }) {
    require Larder::Post;    # only where there is a mail server
    Larder::Post->send(to => $to, subject => $report->title, body => $text);
}
exit($report->is_quiet ? 0 : 1);
