package File::Spec;

=head1 NAME

File::Spec - Paths, whatever the system writes them with

=cut

our @ISA = qw(File::Spec::Unix);
1;
