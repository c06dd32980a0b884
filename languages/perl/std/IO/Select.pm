package IO::Select;

=head1 NAME

IO::Select - Waits for several handles

=cut

sub FD_COUNT { }
sub FIRST_FD { }
sub VEC_BITS { }
sub add { }
sub as_string { }
sub bits { }
sub can_read { }
sub can_write { }
sub count { }
sub exists { }
sub handles { }
sub has_error { }
sub has_exception { }
sub new { }
sub remove { }
sub select { }
1;
