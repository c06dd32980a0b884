package Text::Balanced;

=head1 NAME

Text::Balanced - Takes bracketed texts out of others

=cut

our @EXPORT_OK = qw(&extract_delimited &extract_bracketed &extract_quotelike &extract_codeblock &extract_variable &extract_tagged &extract_multiple &gen_delimited_pat &gen_extract_tagged &delimited_pat);
sub delimited_pat { }
sub extract_bracketed { }
sub extract_codeblock { }
sub extract_delimited { }
sub extract_multiple { }
sub extract_quotelike { }
sub extract_tagged { }
sub extract_variable { }
sub gen_delimited_pat { }
sub gen_extract_tagged { }
1;
