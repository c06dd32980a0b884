package constant;

=head1 NAME

constant - Defines names that stand for a value which never changes

=cut

1;
