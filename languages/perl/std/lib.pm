package lib;

=head1 NAME

lib - Puts folders in front of those that modules are looked for in

=cut

1;
