package charnames;

=head1 NAME

charnames - Names of characters in texts

=cut

sub code_point_to_name_special { }
sub name_to_code_point_special { }
sub string_vianame { }
sub viacode { }
sub vianame { }
1;
