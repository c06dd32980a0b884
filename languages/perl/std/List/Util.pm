package List::Util;

=head1 NAME

List::Util - Functions on lists: sums, ends, pairs

=cut

our @EXPORT_OK = qw(all any first min max minstr maxstr none notall product reduce reductions sum sum0 sample shuffle uniq uniqint uniqnum uniqstr zip zip_longest zip_shortest mesh mesh_longest mesh_shortest head tail pairs unpairs pairkeys pairvalues pairmap pairgrep pairfirst);
sub all { }
sub any { }
sub first { }
sub head { }
sub max { }
sub maxstr { }
sub mesh { }
sub mesh_longest { }
sub mesh_shortest { }
sub min { }
sub minstr { }
sub none { }
sub notall { }
sub pairfirst { }
sub pairgrep { }
sub pairkeys { }
sub pairmap { }
sub pairs { }
sub pairvalues { }
sub product { }
sub reduce { }
sub reductions { }
sub sample { }
sub shuffle { }
sub sum { }
sub sum0 { }
sub tail { }
sub uniq { }
sub uniqint { }
sub uniqnum { }
sub uniqstr { }
sub unpairs { }
sub zip { }
sub zip_longest { }
sub zip_shortest { }
1;
