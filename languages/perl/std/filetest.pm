package filetest;

=head1 NAME

filetest - How file tests ask for permissions

=cut

1;
