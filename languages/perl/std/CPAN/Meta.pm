package CPAN::Meta;

=head1 NAME

CPAN::Meta - What a distribution says of itself

=cut

sub TO_JSON { }
sub abstract { }
sub as_string { }
sub as_struct { }
sub author { }
sub authors { }
sub create { }
sub custom { }
sub custom_keys { }
sub description { }
sub dynamic_config { }
sub effective_prereqs { }
sub feature { }
sub features { }
sub generated_by { }
sub keywords { }
sub license { }
sub licenses { }
sub load_file { }
sub load_json_string { }
sub load_string { }
sub load_yaml_string { }
sub meta_spec { }
sub meta_spec_version { }
sub name { }
sub new { }
sub no_index { }
sub optional_features { }
sub prereqs { }
sub provides { }
sub release_status { }
sub resources { }
sub save { }
sub should_index_file { }
sub should_index_package { }
sub version { }
1;
