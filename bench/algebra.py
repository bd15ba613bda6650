"""The bare answer of a general-purpose algebra library: milliseconds a problem, read from standard input."""
import sys
import time

try:
    from sympy import div, expand, factor, fraction, solve
    from sympy.parsing.sympy_parser import parse_expr
except ImportError:
    sys.exit(0)
import re

problems = [
    re.sub(r"(?<=[0-9x)])(?=[x(])", "*", line.strip()).replace("^", "**") for line in sys.stdin if line.strip()
]


def solved(problem):
    left, right = problem.split("=")
    return solve(parse_expr(left) - parse_expr(right))


ANSWERS = {
    "split-middle": lambda problem: factor(parse_expr(problem)),
    "special": lambda problem: factor(parse_expr(problem)),
    "long": lambda problem: div(*fraction(parse_expr(problem, evaluate=False))),
}
answer = ANSWERS.get(sys.argv[1], solved if "=" in problems[0] else lambda problem: expand(parse_expr(problem)))
for problem in problems[:5]:
    answer(problem)
start = time.perf_counter()
for problem in problems:
    answer(problem)
print((time.perf_counter() - start) * 1000 / len(problems))
