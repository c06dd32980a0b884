package English;

=head1 NAME

English - Long names for the variables of punctuation

=cut

1;
