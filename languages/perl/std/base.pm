package base;

=head1 NAME

base - Makes packages the bases of this one, with their fields

=cut

sub INHERITED { }
sub PRIVATE { }
sub PROTECTED { }
sub PUBLIC { }
sub SUCCESS { }
sub get_attr { }
sub get_fields { }
sub has_attr { }
sub has_fields { }
sub inherit_fields { }
1;
