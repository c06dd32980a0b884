package Scalar::Util;

=head1 NAME

Scalar::Util - Looks into values: blessed, weak, numbers

=cut

our @EXPORT_OK = qw(blessed refaddr reftype weaken unweaken isweak dualvar isdual isvstring looks_like_number openhandle readonly set_prototype tainted);
sub blessed { }
sub dualvar { }
sub export_fail { }
sub isdual { }
sub isvstring { }
sub isweak { }
sub looks_like_number { }
sub openhandle { }
sub readonly { }
sub refaddr { }
sub reftype { }
sub set_prototype { }
sub tainted { }
sub unweaken { }
sub weaken { }
1;
