package re;

=head1 NAME

re - Changes how regular expressions are read, and looks into them

=cut

our @EXPORT_OK = qw(is_regexp regexp_pattern regname regnames regnames_count regmust optimization);
sub bits { }
sub install { }
sub is_regexp { }
sub optimization { }
sub regexp_pattern { }
sub regmust { }
sub regname { }
sub regnames { }
sub regnames_count { }
sub setcolor { }
1;
