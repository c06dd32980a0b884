package Text::Abbrev;

=head1 NAME

Text::Abbrev - Unique beginnings of words

=cut

our @EXPORT = qw(abbrev);
sub abbrev { }
1;
