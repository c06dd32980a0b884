package subs;

=head1 NAME

subs - Declares functions so that they may be called without brackets

=cut

1;
