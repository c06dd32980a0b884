package Class::Struct;

=head1 NAME

Class::Struct - Classes out of lists of fields

=cut

our @EXPORT = qw(struct);
sub printem { }
sub struct { }
1;
