"""HTTP."""
