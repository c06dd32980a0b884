package Larder::Nightly;

use strict;
use warnings;
use Carp qw(croak);
use DBI;
use List::Util qw(sum0 max);
use Larder::Nightly::Turns;
use Larder::Nightly::Climate;

our $VERSION = '1.2.0';

=head1 NAME

Larder::Nightly - the report of a night

=head1 DESCRIPTION

Collects what the sections know and puts it below each other. A section is a package with C<rows> and C<heading>.

=cut

my @SECTIONS = qw(Larder::Nightly::Turns Larder::Nightly::Climate);

=head2 new(db => PATH, since => DAY)

Opens the database.

=cut

sub new {
    my ($class, %given) = @_;
    croak 'no database is given' unless $given{db};
    my $tables = DBI->connect("dbi:SQLite:dbname=$given{db}", '', '', { RaiseError => 1 });
    my $self   = bless { tables => $tables, since => $given{since} // _yesterday() }, $class;
    $self->{sections} = [ map { $_->new(tables => $tables, since => $self->{since}) } @SECTIONS ];
    return $self;
}

sub title {
    my $self = shift;
    return "Night of $self->{since}";
}

=head2 text

The whole report.

=cut

sub text {
    my $self = shift;
    return join "\n", $self->title, map { $_->text } @{ $self->{sections} };
}

=head2 is_quiet

Was there nothing to worry about?

=cut

sub is_quiet {
    my $self = shift;
    return !sum0(map { $_->alarms } @{ $self->{sections} });
}

sub widest {
    my ($self) = @_;
    return max map { length } split /\n/, $self->text;
}

sub _yesterday {
    my ($day, $month, $year) = (localtime(time - 86_400))[3 .. 5];
    return sprintf '%04d-%02d-%02d', $year + 1900, $month + 1, $day;
}

1;
