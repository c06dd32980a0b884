package Tie::Array;

=head1 NAME

Tie::Array - The base of arrays that are tied

=cut

sub CLEAR { }
sub DELETE { }
sub EXISTS { }
sub EXTEND { }
sub POP { }
sub PUSH { }
sub SHIFT { }
sub SPLICE { }
sub UNSHIFT { }
1;
