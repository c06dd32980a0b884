package experimental;

=head1 NAME

experimental - Turns an experimental feature on and its warning off

=cut

1;
