package File::Copy;

=head1 NAME

File::Copy - Copies and moves files

=cut

our @EXPORT = qw(copy move);
our @EXPORT_OK = qw(cp mv);
sub carp { }
sub copy { }
sub cp { }
sub croak { }
sub move { }
sub mv { }
sub syscopy { }
1;
