<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Tests\Core\Chance;

/** The contract of the command line and of the web API. */
final class ContractTest extends TestCase
{
    public function testJsonIsTheSameFromBothSides(): void
    {
        Artisan::call('runel:show', ['problem' => '(3t^3-4t+2)(t^2-5)', '--method' => 'grid', '--format' => 'json', '--style' => ['words=uk', 'times=cross']]);
        $console = json_decode(Artisan::output(), true, flags: \JSON_THROW_ON_ERROR);
        $web = $this->getJson('/api/demonstrations?problem=' . rawurlencode('(3t^3-4t+2)(t^2-5)') . '&method=grid&words=uk&times=cross')->assertOk()->json();
        self::assertSame($console, $web);
        self::assertSame(['runel', 'problem', 'job', 'method', 'style', 'answer', 'steps', 'checks', 'forecast'], array_keys($web));
        self::assertSame(['kind' => 'expression', 'ascii' => '3*t^5-19*t^3+2*t^2+20*t-10'], $web['answer']);
        self::assertSame(\count($web['steps']), $web['forecast']['steps']);
        self::assertSame('cross', $web['style']['times']);
        self::assertSame('given', $web['steps'][0]['lines'][0]['link']);
        self::assertSame('(3*t^3+0*t^2-4*t+2)*(t^2+0*t-5)', $web['steps'][2]['lines'][0]['ascii']);
        $figure = array_values(array_filter(array_column($web['steps'], 'figure')));
        self::assertSame('grid', $figure[0]['type']);
        self::assertSame(['3*t^3', '0*t^2', '-4*t', '2'], $figure[2]['top']);
        foreach ($web['checks'] as $check) {
            self::assertTrue($check['holds']);
            self::assertNotSame([], $check['lines']);
        }
    }

    public function testEveryMessageHasItsWords(): void
    {
        foreach (['grid', 'term-by-term', 'by-degree', 'columns', 'special'] as $method) {
            foreach (['(3t^3-4t+2)(t^2-5)', '(x-4)^2', '(x+5)(5-x)', '(a+b)(a-2b)', '(x+1)(x-2)(3x+1)', '4x(x-1)', '(x+1)(x+2)=ax^2+bx+c'] as $problem) {
                foreach (['json', 'text', 'latex', 'markdown', 'speech'] as $format) {
                    if (Artisan::call('runel:show', ['problem' => $problem, '--method' => $method, '--format' => $format]) === 0) {
                        $output = Artisan::output();
                        self::assertDoesNotMatchRegularExpression('/\b(grid|rows|arcs|columns|special|product|check|slip|error|name)\.[a-z]+[.-][a-z.-]*\b|:(count|left|right|letters|term|ask)\b/', $output, "$problem $method $format");
                        if ($format === 'latex') {
                            $this->assertBalanced($output);
                        }
                    }
                }
            }
        }
    }

    public function testErrorsHaveTheirCodes(): void
    {
        $errors = [
            ['problem' => '(x+1', 'code' => 'syntax', 'at' => 1],
            ['problem' => '(x+1)^5000', 'code' => 'too-large', 'at' => null],
            ['problem' => '(3x^3-11x^2+4)/(x-2)', 'code' => 'not-yet', 'at' => null],
            ['problem' => '2x+1', 'code' => 'out-of-reach', 'at' => null],
            ['problem' => '(x+1)(x+2)', 'job' => 'dance', 'code' => 'no-such-job', 'at' => null],
            ['problem' => '(x+1)(x+2)', 'job' => 'divide', 'code' => 'no-such-job', 'at' => null],
            ['problem' => '(x+1)(x+2)', 'method' => 'magic', 'code' => 'no-such-method', 'at' => null],
            ['problem' => '(x+1)(x+2)', 'method' => 'special', 'code' => 'method-does-not-apply', 'at' => null],
            ['problem' => '(x+1)(x+2)', 'style' => ['times' => 'star'], 'code' => 'bad-request', 'at' => null],
            ['code' => 'bad-request', 'at' => null],
        ];
        foreach ($errors as $error) {
            $request = array_diff_key($error, ['code' => 1, 'at' => 1]);
            $this->getJson('/api/demonstrations?' . http_build_query($request))->assertStatus(422)
                ->assertJsonPath('error.code', $error['code'])->assertJsonPath('error.at', $error['at']);
        }
        self::assertSame(2, Artisan::call('runel:show', ['problem' => '(x+1', '--format' => 'json']));
    }

    public function testBatchStreamsAndStaysFlat(): void
    {
        $process = proc_open([\PHP_BINARY, '-d', 'memory_limit=48M', 'artisan', 'runel:show', '--batch'], [['pipe', 'r'], ['file', $out = (string) tempnam(sys_get_temp_dir(), 'runel'), 'w'], ['pipe', 'w']], $pipes, base_path());
        self::assertIsResource($process);
        $chance = new Chance(5);
        $sent = [];
        for ($number = 0; $number < 600; ++$number) {
            $sent[] = $number % 100 === 7 ? 'not json' : json_encode(['problem' => '(' . $chance->polynomial($chance->coefficients(2), 'x') . ')(x' . ($number - 700) . ')', 'method' => 'grid'], \JSON_THROW_ON_ERROR);
        }
        $sent[] = '[1,2]';
        $sent[] = str_repeat('x', 200_000);
        $sent[] = '{"problem":"(x+1)(x-1)","style":{"words":"uk"}}';
        fwrite($pipes[0], implode("\n", $sent));
        fclose($pipes[0]);
        $errors = stream_get_contents($pipes[2]);
        self::assertSame(0, proc_close($process), (string) $errors);
        $lines = explode("\n", trim((string) file_get_contents($out)));
        unlink($out);
        self::assertCount(\count($sent), $lines);
        foreach ($lines as $number => $line) {
            $answer = json_decode($line, true, flags: \JSON_THROW_ON_ERROR);
            $expectError = $number < 600 ? $number % 100 === 7 : $number < 602;
            self::assertSame($expectError ? 'bad-request' : null, $answer['error']['code'] ?? null, $line);
        }
    }

    public function testListingForecastsEveryMethod(): void
    {
        Artisan::call('runel:show', ['problem' => '(2x+3y)(x-4y)', '--list' => true, '--format' => 'json']);
        $list = json_decode(Artisan::output(), true, flags: \JSON_THROW_ON_ERROR);
        self::assertSame(['multiply'], $list['jobs']);
        self::assertSame(['grid' => true, 'term-by-term' => true, 'by-degree' => false, 'columns' => false, 'special' => false], array_column($list['methods'], 'applies', 'method'));
    }

    private function assertBalanced(string $latex): void
    {
        $depth = 0;
        foreach (str_split((string) preg_replace('/\\\\[{}]/', '', $latex)) as $character) {
            $depth += match ($character) {
                '{' => 1,
                '}' => -1,
                default => 0,
            };
            self::assertGreaterThanOrEqual(0, $depth);
        }
        self::assertSame(0, $depth);
        self::assertSame(substr_count($latex, '\['), substr_count($latex, '\]'));
        self::assertSame(substr_count($latex, '\left('), substr_count($latex, '\right)'));
        self::assertSame(0, substr_count((string) preg_replace('/\\\\\$/', '', $latex), '$') % 2);
    }
}
