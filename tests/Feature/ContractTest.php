<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contract\Requested;
use App\Demonstrations\Demonstrations;
use App\Faces\Faces;
use App\Faces\LatexFace;
use App\Faces\MarkdownFace;
use App\Faces\TextFace;
use Illuminate\Support\Facades\Artisan;
use Runel\Message\Message;
use Tests\Core\Chance;

/** The contract of the command line and of the web API. */
final class ContractTest extends TestCase
{
    public function testJsonIsTheSameFromBothSides(): void
    {
        Artisan::call('runel:show', [
            'problem' => '(3t^3-4t+2)(t^2-5)',
            '--method' => 'grid',
            '--format' => 'json',
            '--style' => ['words=uk', 'times=cross'],
        ]);
        $console = json_decode(Artisan::output(), true, flags: \JSON_THROW_ON_ERROR);
        $web = $this->getJson(
            '/api/demonstrations?problem=' . rawurlencode('(3t^3-4t+2)(t^2-5)') . '&method=grid&words=uk&times=cross',
        )->assertOk()->json();
        self::assertSame($console, $web);
        self::assertSame(
            ['runel', 'problem', 'job', 'method', 'style', 'answer', 'steps', 'checks', 'forecast'],
            array_keys($web),
        );
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

    public function testFiguresAreWrittenByTheirChangesWhereThatIsAsked(): void
    {
        $requested = app(Requested::class);
        $long = '(2x^4+x^3-3x^2+5x-1)(x^4-2x^3+x^2-x+7)';
        foreach ([
            [$long, 'grid'], [$long, 'columns'], ['(x^5-1)/(x^2+x+1)', 'long'],
            ['(6x^3-7x^2+4x-1)/(2x-1)', 'synthetic'],
            ['15x^2-7x-4', 'cross'], ['15x^2-7x-4', 'product-grid'], ['4x^2=12x+7', 'factoring'],
            ['(3x^3-11x^2+4)/(x-2)', 'bridge'], ['5x+2=2x+11', 'balance'], ['(x-4)^2', 'special'],
        ] as [$problem, $method]) {
            $request = ['problem' => $problem, 'method' => $method];
            $whole = $requested->answer($request);
            $changed = $requested->answer($request + ['figures' => 'changes']);
            self::assertArrayHasKey('steps', $whole, "$problem $method");
            $figure = null;
            foreach ($changed['steps'] as $place => $step) {
                $written = $step['figure'];
                $figure = isset($written['changes'])
                    ? self::patched($figure, $written['changes'])
                    : $written ?? $figure;
                if ($written !== null) {
                    self::assertSame($whole['steps'][$place]['figure'], $figure, "$problem $method {$step['id']}");
                }
                $changed['steps'][$place]['figure'] = $whole['steps'][$place]['figure'];
            }
            self::assertSame($whole, $changed);
        }
        $bytes = static fn(string $figures): int => \strlen((string) json_encode(array_column($requested->answer([
            'problem' => '(2x^8+x^7+x^6+3x^5-9x^4-x^3+x^2-x+1)(2x^7+x^6+3x^5-9x^4-x^3+x^2-x+1)',
            'method' => 'grid',
            'figures' => $figures,
        ])['steps'], 'figure')));
        self::assertLessThan(.25 * $bytes('whole'), $bytes('changes'));
        $this->getJson('/api/demonstrations?problem=x%5E2-4&figures=changes')->assertOk();
        $this->getJson('/api/demonstrations?problem=x%5E2-4&figures=some')->assertStatus(422)
            ->assertJsonPath('error.message', 'Figures cannot be written as “some”. It can be: whole, changes.');
    }

    /**
     * A JSON Patch done, by its own rules.
     *
     * @param array<array-key, mixed>                              $figure
     * @param list<array{op: string, path: string, value?: mixed}> $changes
     *
     * @return array<array-key, mixed>
     */
    private static function patched(array $figure, array $changes): array
    {
        foreach ($changes as $change) {
            $keys = array_map(
                static fn(string $key): string => strtr($key, ['~1' => '/', '~0' => '~']),
                explode('/', substr($change['path'], 1)),
            );
            $last = array_pop($keys);
            $place = &$figure;
            foreach ($keys as $key) {
                self::assertArrayHasKey($key, $place);
                $place = &$place[$key];
            }
            self::assertSame($change['op'] !== 'add', \array_key_exists($last, $place));
            if ($change['op'] === 'remove') {
                unset($place[$last]);
            } else {
                $place[$last] = $change['value'] ?? null;
            }
            unset($place);
        }

        return $figure;
    }

    public function testEveryMessageHasItsWordsInEveryFace(): void
    {
        $problems = [
            '(3t^3-4t+2)(t^2-5)', '(x-4)^2', '(x+5)(5-x)', '(a+b)(a-2b)', '(x+1)(x-2)(3x+1)', '4x(x-1)',
            '(x+1)(x+2)=ax^2+bx+c',
            '15x^2-7x-4', '-6x^2+27x-30', 'x^2+11x+28', 'x^2-11x+28', 'x^2+3x-28', '9t^2-49', '4t^2-12t+9', '3x^2+7x+5',
            'x^2+x-5039', '6x^2+19xy+10y^2', '6x^2+9x', '1/2x^2-1/3x-1/6', '5040x^2+2x-1',
            '4x^2 = 12x + 7', 'x^2=0.25', '4x^2-12x+9=0', '6x^2=9x',
        ];
        [$faces, $requested, $demonstrations] = [app(Faces::class), app(Requested::class), app(Demonstrations::class)];
        $written = 0;
        foreach ($problems as $problem) {
            foreach ([['words' => 'us'], [
                'words' => 'uk',
                'cross-signs' => 'last',
                'verdict' => 'held',
                'minus-one' => 'inside',
                'middle-terms' => 'in-head',
                'times' => 'none',
            ]] as $style) {
                $task = $requested->reference(['problem' => $problem, 'style' => $style])->task();
                foreach ($demonstrations->offers($task) as $offer) {
                    $this->assertSpoken($faces->text($task->style)->say(
                        $offer->refusal->reason ?? $offer->forecast->advice ?? Message::of(''),
                    ));
                    if ($offer->forecast === null) {
                        continue;
                    }
                    $demonstration = $demonstrations->of($task, $offer->method->job(), $offer->method->id());
                    $this->assertSpoken(TextFace::plain($faces)->write($demonstration));
                    $this->assertSpoken(TextFace::spoken($faces)->write($demonstration));
                    $this->assertSpoken((new MarkdownFace($faces))->write($demonstration));
                    $this->assertBalanced((new LatexFace($faces))->write($demonstration));
                    foreach ($demonstration->steps() as $step) {
                        foreach (array_filter([$step->question?->prompt, ...array_map(
                            static fn($option): Message => $option->label,
                            $step->options,
                        )]) as $message) {
                            $this->assertSpoken($faces->text($task->style)->say($message));
                        }
                        $this->assertSpoken($step->watch === null ? '.' : $faces->text($task->style)->word(
                            "slip.{$step->watch->value}.watch",
                        ));
                    }
                    ++$written;
                }
            }
        }
        self::assertGreaterThan(150, $written);
    }

    /** Neither a key without words nor a parameter without a value. */
    private function assertSpoken(string $text): void
    {
        self::assertDoesNotMatchRegularExpression(
            '/(?<![\w.])[a-z]+(-[a-z]+)*(\.[a-z]+(-[a-z]+)*)+(?![\w.])|(?<!\s):[a-z]+|\s:[a-z]+/',
            str_replace('\\left.', '', $text),
        );
        self::assertNotSame('', $text);
    }

    public function testErrorsHaveTheirCodes(): void
    {
        $errors = [
            ['problem' => '(x+1', 'code' => 'syntax', 'at' => 1],
            ['problem' => '(x+1)^5000', 'code' => 'too-large', 'at' => null],
            ['problem' => '(x-2)/(x^2+1)', 'code' => 'out-of-reach', 'at' => null],
            ['problem' => 'x^4-6x^3+11x^2-7x+2=0', 'job' => 'solve', 'code' => 'out-of-reach', 'at' => null],
            ['problem' => '2^x=8', 'code' => 'out-of-reach', 'at' => null],
            ['problem' => 'y=mx+c', 'job' => 'rearrange', 'code' => 'out-of-reach', 'at' => null],
            ['problem' => '3x^2+2^x/(x+1)', 'code' => 'out-of-reach', 'at' => 8],
            ['problem' => '2x+1', 'code' => 'out-of-reach', 'at' => 1],
            ['problem' => '1000001x^2+x-1000000', 'method' => 'cross', 'code' => 'too-large', 'at' => null],
            ['problem' => 'x^2+x+1=0', 'method' => 'factoring', 'code' => 'method-does-not-apply', 'at' => null],
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
        $process = proc_open([\PHP_BINARY, '-d', 'memory_limit=48M', 'artisan', 'runel:show', '--batch'], [
            ['pipe', 'r'],
            ['file', $out = (string) tempnam(sys_get_temp_dir(), 'runel'), 'w'],
            ['pipe', 'w'],
        ], $pipes, base_path());
        self::assertIsResource($process);
        $chance = new Chance(5);
        $sent = [];
        for ($number = 0; $number < 600; ++$number) {
            $sent[] = $number % 100 === 7 ? 'not json' : json_encode(['problem' => '(' . $chance->polynomial(
                $chance->coefficients(2),
                'x',
            ) . ')(x' . ($number - 700) . ')', 'method' => 'grid'], \JSON_THROW_ON_ERROR);
        }
        $sent[] = '{}';
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
            $expectError = $number < 600 ? $number % 100 === 7 : $number < 603;
            self::assertSame($expectError ? 'bad-request' : null, $answer['error']['code'] ?? null, $line);
        }
    }

    public function testFactoringAndSolvingSpeakTheContract(): void
    {
        $cross = $this->getJson(
            '/api/demonstrations?problem=' . rawurlencode('15x^2-7x-4') . '&method=cross',
        )->assertOk()->json();
        self::assertSame(
            ['factor', '(3*x+1)*(5*x-4)', 4],
            [$cross['job'], $cross['answer']['ascii'], $cross['forecast']['trials']],
        );
        $figure = array_values(array_filter(array_column(
            $cross['steps'],
            'figure',
        ), static fn(?array $figure): bool => ($figure['type'] ?? '') === 'cross'));
        self::assertSame(['misses', 'misses', 'misses', 'fits'], array_column($figure[4]['arrangements'], 'verdict'));
        $solved = $this->getJson(
            '/api/demonstrations?problem=' . rawurlencode('4x^2 = 12x + 7') . '&by=product-grid',
        )->assertOk()->json();
        self::assertSame(['solve', 'factoring', [
            'kind' => 'solutions',
            'ascii' => 'x = -1/2 or x = 7/2',
        ], ['-1/2', '7/2']], [$solved['job'], $solved['method'], $solved['answer'], $solved['solutions']]);
        $branches = array_filter(array_merge(
            ...array_column($solved['steps'], 'lines'),
        ), static fn(array $line): bool => isset($line['branch']));
        self::assertSame(['1', '1', '1', '1', '2', '2', '2', '2'], array_column($branches, 'branch'));
        self::assertContains('2*x+1 = 0 or 2*x-7 = 0', array_column(array_merge(
            ...array_column($solved['steps'], 'lines'),
        ), 'ascii'));
    }

    public function testLinesAreMarkedTheSameFromBothSides(): void
    {
        $requests = [
            [
                'problem' => '3(x-2)=2x+9',
                'lines' => ['3x-2=2x+9', 'x = 11', '', 'x=', 'y=1'],
                'style' => ['words' => 'uk'],
            ],
            ['problem' => '(x^2+3x+5)/(x+1)', 'lines' => ['x+2 remainder 3']],
            ['problem' => '15x^2-7x-4', 'job' => 'solve', 'lines' => []],
            ['problem' => '2x+3=7', 'lines' => [1]],
            ['problem' => '2x+3=7', 'lines' => array_fill(0, 501, 'x=2')],
            ['problem' => '2x+', 'lines' => ['x']],
            ['lines' => ['x']],
        ];
        $process = proc_open([\PHP_BINARY, 'artisan', 'runel:mark', '--batch'], [
            ['pipe', 'r'],
            ['pipe', 'w'],
        ], $pipes, base_path());
        self::assertIsResource($process);
        foreach ($requests as $request) {
            fwrite($pipes[0], json_encode($request, \JSON_THROW_ON_ERROR) . "\n");
        }
        fclose($pipes[0]);
        $answers = array_map(
            static fn(string $line): mixed => json_decode($line, true, flags: \JSON_THROW_ON_ERROR),
            explode("\n", trim((string) stream_get_contents($pipes[1]))),
        );
        self::assertSame(0, proc_close($process));
        foreach ($requests as $place => $request) {
            $web = $this->postJson('/api/markings', $request);
            self::assertSame($answers[$place], $web->json());
            self::assertSame(isset($answers[$place]['error']) ? 422 : 200, $web->status());
        }
        self::assertSame(
            ['wrong', 'follows-wrong', 'unreadable', 'unreadable'],
            array_column($answers[0]['lines'], 'verdict'),
        );
        self::assertSame('first-term-only', $answers[0]['lines'][0]['slip']);
        self::assertStringContainsString('bracket', $answers[0]['lines'][0]['say']);
        self::assertNotSame(
            $answers[0]['lines'][0]['differs']['before'],
            $answers[0]['lines'][0]['differs']['after'],
        );
        self::assertSame([false, 'not-judged'], [$answers[0]['finished'], $answers[0]['wants']]);
        self::assertSame([true, null], [$answers[1]['finished'], $answers[1]['wants']]);
        self::assertSame(
            ['no-such-job', 'bad-request', 'bad-request', 'syntax', 'bad-request'],
            array_map(static fn(array $answer): string => $answer['error']['code'], \array_slice($answers, 2)),
        );
    }

    public function testListingForecastsEveryMethod(): void
    {
        Artisan::call('runel:show', ['problem' => '(2x+3y)(x-4y)', '--list' => true, '--format' => 'json']);
        $list = json_decode(Artisan::output(), true, flags: \JSON_THROW_ON_ERROR);
        self::assertSame(['multiply'], $list['jobs']);
        self::assertSame(
            [
                'grid' => true, 'term-by-term' => true, 'by-degree' => false, 'columns' => false, 'special' => false,
                'by-place' => false,
            ],
            array_column($list['methods'], 'applies', 'method'),
        );
    }

    private function assertBalanced(string $latex): void
    {
        $bare = (string) preg_replace('/\\\\[{}$]/', '', $latex);
        $depth = $lowest = 0;
        foreach (str_split($bare) as $character) {
            $depth += $character === '{' ? 1 : ($character === '}' ? -1 : 0);
            $lowest = min($lowest, $depth);
        }
        self::assertSame([0, 0], [$depth, $lowest]);
        self::assertSame(substr_count($latex, '\['), substr_count($latex, '\]'));
        self::assertSame(substr_count($latex, '\left('), substr_count($latex, '\right)'));
        self::assertSame(0, substr_count($bare, '$') % 2);
    }
}
