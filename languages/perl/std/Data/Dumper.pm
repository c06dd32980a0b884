package Data::Dumper;

=head1 NAME

Data::Dumper - Writes values as text that Perl reads back

=cut

our @EXPORT = qw(Dumper);
our @EXPORT_OK = qw(DumperX);
sub Bless { }
sub Deepcopy { }
sub Deparse { }
sub Dump { }
sub Dumper { }
sub DumperX { }
sub Dumpperl { }
sub Dumpxs { }
sub Freezer { }
sub IS_PRE_516_PERL { }
sub Indent { }
sub Maxdepth { }
sub Maxrecurse { }
sub Names { }
sub Pad { }
sub Pair { }
sub Purity { }
sub Quotekeys { }
sub Reset { }
sub Seen { }
sub Sortkeys { }
sub Sparseseen { }
sub Terse { }
sub Toaster { }
sub Trailingcomma { }
sub Useperl { }
sub Useqq { }
sub Values { }
sub Varname { }
sub format_refaddr { }
sub new { }
sub qquote { }
1;
