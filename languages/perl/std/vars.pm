package vars;

=head1 NAME

vars - Declares package variables by their names

=cut

1;
