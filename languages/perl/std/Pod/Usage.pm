package Pod::Usage;

=head1 NAME

Pod::Usage - Says how a program is called, out of its documentation

=cut

our @ISA = qw(Pod::Text);
our @EXPORT = qw(&pod2usage);
sub begin_pod { }
sub cmd_i { }
sub new { }
sub pod2usage { }
sub preprocess_paragraph { }
sub select { }
sub seq_i { }
sub start_document { }
1;
