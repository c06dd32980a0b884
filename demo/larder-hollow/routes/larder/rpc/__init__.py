"""Services the routes ask by RPC."""
