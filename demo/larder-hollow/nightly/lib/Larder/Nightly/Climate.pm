package Larder::Nightly::Climate;

use strict;
use warnings;
use parent 'Larder::Nightly::Section';
use constant { COLD => 800, WARM => 1400 };

=head1 NAME

Larder::Nightly::Climate - the air of the caves

=cut

sub heading { 'Climate' }

sub rows {
    my $self = shift;
    return map { sprintf 'probe %d: %.1f to %.1f degrees', $_->{probe}, $_->{low} / 100, $_->{high} / 100 } $self->_ranges;
}

sub alarms {
    my $self = shift;
    return scalar grep { $_->{low} < COLD || $_->{high} > WARM } $self->_ranges;
}

sub _ranges {
    my $self = shift;
    return $self->{ranges} ? @{ $self->{ranges} } : @{ $self->{ranges} = [ $self->select(
        'SELECT probe, min(centi_celsius) AS low, max(centi_celsius) AS high FROM turn_climates GROUP BY probe',
    ) ] };
}

1;
