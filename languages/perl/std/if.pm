package if;

=head1 NAME

if - Brings a module in only where a condition holds

=cut

sub work { }
1;
