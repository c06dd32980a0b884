package Larder::Nightly::Section;

use strict;
use warnings;
use Text::Wrap qw(wrap);

=head1 NAME

Larder::Nightly::Section - a part of the report

=cut

sub new {
    my ($class, %given) = @_;
    return bless {%given}, $class;
}

# What every section must say itself.
sub heading { die ref(shift) . " has no heading\n" }
sub rows    { die ref(shift) . " has no rows\n" }
sub alarms  { 0 }

sub text {
    my $self = shift;
    my @rows = $self->rows;
    return join '', $self->heading, "\n", map { wrap('  ', '    ', $_) . "\n" } @rows ? @rows : 'nothing';
}

sub select {
    my ($self, $statement, @values) = @_;
    return @{ $self->{tables}->selectall_arrayref($statement, { Slice => {} }, @values) };
}

1;
