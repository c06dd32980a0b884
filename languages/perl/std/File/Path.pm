package File::Path;

=head1 NAME

File::Path - Makes and removes folders with all above or below them

=cut

our @EXPORT = qw(mkpath rmtree);
our @EXPORT_OK = qw(make_path remove_tree);
sub make_path { }
sub mkpath { }
sub remove_tree { }
sub rmtree { }
1;
