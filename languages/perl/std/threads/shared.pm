package threads::shared;

=head1 NAME

threads::shared - Values shared between threads

=cut

sub bless { }
sub cond_broadcast { }
sub cond_signal { }
sub cond_timedwait { }
sub cond_wait { }
sub is_shared { }
sub share { }
sub shared_clone { }
1;
