package autodie;

=head1 NAME

autodie - Functions that fail raise an error instead of returning false

=cut

our @ISA = qw(Fatal);
sub ERROR_WRONG_FATAL { }
1;
