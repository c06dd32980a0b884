package integer;

=head1 NAME

integer - Reckons with whole numbers instead of floating ones

=cut

1;
