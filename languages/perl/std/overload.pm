package overload;

=head1 NAME

overload - Gives operators a meaning for objects of a package

=cut

sub AddrRef { }
sub Method { }
sub OVERLOAD { }
sub Overloaded { }
sub OverloadedStringify { }
sub StrVal { }
sub constant { }
sub mycan { }
sub nil { }
sub ov_method { }
sub remove_constant { }
1;
