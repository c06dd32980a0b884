package Text::ParseWords;

=head1 NAME

Text::ParseWords - Words of a line, with quotes

=cut

our @EXPORT = qw(shellwords quotewords nested_quotewords parse_line);
our @EXPORT_OK = qw(old_shellwords);
sub nested_quotewords { }
sub old_shellwords { }
sub parse_line { }
sub quotewords { }
sub shellwords { }
1;
