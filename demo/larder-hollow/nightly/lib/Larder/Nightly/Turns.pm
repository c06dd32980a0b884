package Larder::Nightly::Turns;

use strict;
use warnings;
use parent 'Larder::Nightly::Section';

=head1 NAME

Larder::Nightly::Turns - who turned what

=cut

sub heading { 'Turns' }

sub rows {
    my $self = shift;
    my @done = $self->select(
        'SELECT turned_by, count(*) AS turns FROM turns WHERE at >= ? GROUP BY turned_by ORDER BY turns DESC',
        $self->{since},
    );
    return map { "$_->{turned_by} turned $_->{turns}" } @done;
}

# Wheels nobody turned in time.
sub alarms {
    my $self = shift;
    my ($late) = $self->select('SELECT count(*) AS late FROM overdue');
    return $late->{late};
}

1;
