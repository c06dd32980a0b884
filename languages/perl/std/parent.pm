package parent;

=head1 NAME

parent - Makes packages the bases of this one, loading their files

=cut

1;
