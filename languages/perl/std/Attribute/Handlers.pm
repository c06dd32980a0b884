package Attribute::Handlers;

=head1 NAME

Attribute::Handlers - Calls functions for attributes

=cut

sub findsym { }
1;
