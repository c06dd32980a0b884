"""Places in sorted lists."""
from _bisect import *
bisect = bisect_right
insort = insort_right
