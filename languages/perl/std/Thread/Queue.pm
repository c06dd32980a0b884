package Thread::Queue;

=head1 NAME

Thread::Queue - Queues between threads

=cut

sub dequeue { }
sub dequeue_nb { }
sub dequeue_timed { }
sub end { }
sub enqueue { }
sub extract { }
sub insert { }
sub limit { }
sub new { }
sub peek { }
sub pending { }
1;
