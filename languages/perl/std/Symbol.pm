package Symbol;

=head1 NAME

Symbol - Names of packages and nameless handles

=cut

our @EXPORT = qw(gensym ungensym qualify qualify_to_ref);
our @EXPORT_OK = qw(delete_package geniosym);
sub delete_package { }
sub geniosym { }
sub gensym { }
sub qualify { }
sub qualify_to_ref { }
sub ungensym { }
1;
