package Text::Tabs;

=head1 NAME

Text::Tabs - Tabs to blanks and back

=cut

our @EXPORT = qw(expand unexpand $tabstop);
sub expand { }
sub unexpand { }
1;
