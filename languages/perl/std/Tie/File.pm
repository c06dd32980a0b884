package Tie::File;

=head1 NAME

Tie::File - Lines of a file as an array

=cut

sub CLEAR { }
sub DELETE { }
sub EXISTS { }
sub EXTEND { }
sub FETCH { }
sub FETCHSIZE { }
sub O_ACCMODE { }
sub POP { }
sub PUSH { }
sub SHIFT { }
sub SPLICE { }
sub STORE { }
sub STORESIZE { }
sub TIEARRAY { }
sub UNSHIFT { }
sub autochomp { }
sub autodefer { }
sub defer { }
sub discard { }
sub discard_offsets { }
sub flock { }
sub flush { }
sub offset { }
1;
