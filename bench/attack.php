<?php

declare(strict_types=1);

// What a page of somebody else's could send, at once and from one address, against a running bin/demo:
// php bench/attack.php http://127.0.0.1:8000
// Printed: how long the nastiest requests take, and what a board takes meanwhile against what it takes alone.

$address = rtrim($argv[1] ?? 'http://127.0.0.1:8000', '/');
$nasty = [
    '(x^2+x+1)^5=(x-1)^3' => '(x^2+x+1)^5=(x-%d)^4',
    'sqrt(x^2+1)+sqrt(x-3)=sqrt(2x+7)' => '(x+%d)^6=sqrt(x)*sqrt(x^2-9)+sqrt(x+1)',
    'P=sqrt(a*b+r)*(a+b)/(r+sqrt(s)) for a' => 'P*%d=sqrt(a*b+r)*(a+b)/(r+sqrt(s+a))',
    '1234567/7654321x^2+987654321/123456789x-99999999/77777777=0' => 'x=(%d+sqrt(99999999977))/123456789',
];

/**
 * @param list<array{string, string|null}> $requests address and body
 *
 * @return list<array{int, float}> status and seconds
 */
function ask(array $requests): array
{
    $all = curl_multi_init();
    $handles = [];
    foreach ($requests as [$url, $body]) {
        $handles[] = $handle = curl_init($url);
        curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true] + ($body === null ? [] : [
            CURLOPT_POSTFIELDS => $body,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json'],
        ]));
        curl_multi_add_handle($all, $handle);
    }
    do {
        curl_multi_exec($all, $running);
        curl_multi_select($all, 0.05);
    } while ($running > 0);

    return array_map(static fn(CurlHandle $one): array => [
        (int) curl_getinfo($one, CURLINFO_RESPONSE_CODE),
        (float) curl_getinfo($one, CURLINFO_TOTAL_TIME),
    ], $handles);
}

$board = "$address/board?problem=" . rawurlencode('(3t^3-4t+2)(t^2-5)') . '&method=grid&step=14';
ask([[$board, null]]);
$alone = min(array_column(array_merge(...array_map(static fn(): array => ask([[$board, null]]), range(1, 10))), 1));
printf("a board alone: %.0f ms\n", 1000 * $alone);
foreach ($nasty as $problem => $line) {
    $lines = array_map(static fn(int $one): string => sprintf($line, $one), range(1, 100));
    $body = (string) json_encode(['problem' => $problem, 'lines' => $lines]);
    [[$status, $seconds]] = ask([["$address/api/markings", $body]]);
    $query = http_build_query(['problem' => $problem, 'line' => array_slice($lines, 0, 40)]);
    [[$page, $turn]] = ask([["$address/your-turn?$query", null]]);
    printf("%-62s %d %.2f s   your turn %d %.2f s\n", mb_substr($problem, 0, 60), $status, $seconds, $page, $turn);
    sleep(1);
}
$body = (string) json_encode(['problem' => array_key_first($nasty), 'lines' => array_map(
    static fn(int $one): string => sprintf($nasty[array_key_first($nasty)], $one),
    range(1, 100),
)]);
$begun = microtime(true);
$answers = ask([...array_fill(0, 9, ["$address/api/markings", $body]), ...array_fill(0, 3, [$board, null])]);
printf(
    "nine at once: %.2f s, answered %s; a board meanwhile %.0f ms\n",
    microtime(true) - $begun,
    implode(' ', array_column(array_slice($answers, 0, 9), 0)),
    1000 * min(array_column(array_slice($answers, 9), 1)),
);
