"""The bare answer of a general-purpose algebra library: milliseconds a problem, read from standard input."""
import sys
import time

try:
    from sympy import expand, factor
    from sympy.parsing.sympy_parser import parse_expr
except ImportError:
    sys.exit(0)
import re

problems = [
    re.sub(r"(?<=[0-9x)])(?=[x(])", "*", line.strip()).replace("^", "**") for line in sys.stdin if line.strip()
]
answer = factor if sys.argv[1] == "split-middle" else expand
for problem in problems[:5]:
    answer(parse_expr(problem))
start = time.perf_counter()
for problem in problems:
    answer(parse_expr(problem))
print((time.perf_counter() - start) * 1000 / len(problems))
