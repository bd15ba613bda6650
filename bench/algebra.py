"""The bare answers of a general-purpose algebra library, round by round.

Standard input: the problems, an empty line, then a line for each round wanted. Standard output: the library's version,
then milliseconds a problem for each round. What the library remembers is forgotten before every round, as it is asked
the same problems each time.
"""
import re
import sys
import time

try:
    import sympy
    from sympy import div, expand, factor, fraction, solve
    from sympy.core.cache import clear_cache
    from sympy.parsing.sympy_parser import parse_expr
except ImportError:
    sys.exit(0)


def solved(problem):
    left, right = problem.split("=")
    return solve(parse_expr(left) - parse_expr(right))


ANSWERS = {
    "split-middle": lambda problem: factor(parse_expr(problem)),
    "special": lambda problem: factor(parse_expr(problem)),
    "long": lambda problem: div(*fraction(parse_expr(problem, evaluate=False))),
}
problems = []
for line in iter(sys.stdin.readline, ""):
    if not line.strip():
        break
    problems.append(re.sub(r"(?<=[0-9x)])(?=[x(])", "*", line.strip()).replace("^", "**"))
answer = ANSWERS.get(sys.argv[1], solved if "=" in problems[0] else lambda problem: expand(parse_expr(problem)))
for problem in problems[:5]:
    answer(problem)
print(sympy.__version__, flush=True)
for _ in iter(sys.stdin.readline, ""):
    clear_cache()
    start = time.perf_counter()
    for problem in problems:
        answer(problem)
    print((time.perf_counter() - start) * 1000 / len(problems), flush=True)
