package locale;

=head1 NAME

locale - Follows the locale in comparing, sorting and case

=cut

1;
