package threads;

=head1 NAME

threads - Starts and joins threads of the interpreter

=cut

sub all { }
sub async { }
sub create { }
sub detach { }
sub equal { }
sub error { }
sub exit { }
sub get_stack_size { }
sub is_detached { }
sub is_joinable { }
sub is_running { }
sub join { }
sub joinable { }
sub kill { }
sub list { }
sub new { }
sub object { }
sub running { }
sub self { }
sub set_stack_size { }
sub set_thread_exit_only { }
sub tid { }
sub wantarray { }
sub yield { }
1;
