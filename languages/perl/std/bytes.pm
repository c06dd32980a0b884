package bytes;

=head1 NAME

bytes - Takes texts as bytes instead of characters

=cut

1;
