<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Example;

final class BoardTest extends TestCase
{
    private const PROBLEM = '(3t^3-4t+2)(t^2-5)';

    public function testStepsThroughWithoutJavaScript(): void
    {
        $url = $this->board(['problem' => self::PROBLEM, 'method' => 'grid']);
        $seen = [];
        for ($step = 1; $url !== null; ++$step) {
            $html = (string) $this->get($url)->assertOk()->getContent();
            self::assertStringContainsString("$step of 20", self::visible($html));
            self::assertArrayNotHasKey($html, $seen);
            $seen[$html] = true;
            $next = preg_match(
                '/id="pen-next" class="pen is-main"\s+href="([^"]+)"/',
                $html,
                $match,
            ) === 1 ? html_entity_decode($match[1]) : null;
            $url = $next;
        }
        self::assertCount(20, $seen);
        self::assertStringContainsString(
            '3 t to the power 5 minus 19 t cubed plus 2 t squared plus 20 t minus 10',
            (string) array_key_last($seen),
        );
    }

    public function testNoSolutionIsTheAnswerInWords(): void
    {
        $html = (string) $this->get($this->board(['problem' => 'x^2+x+5=0', 'job' => 'solve', 'step' => '99']))
            ->assertOk()->getContent();
        self::assertSame(1, preg_match('/<div class="answer[^>]*>(.*?)<\/div>/s', $html, $match));
        self::assertStringContainsString('no solution', self::visible($match[1]));
        self::assertStringNotContainsString('class="maths"', $match[1]);
    }

    public function testWithAllNumbersItSaysWhatIsExcluded(): void
    {
        foreach (['x/x=1' => 'all numbers but x = 0', 'x+2=2+x' => 'all numbers'] as $problem => $answer) {
            $html = (string) $this->get($this->board(['problem' => $problem, 'job' => 'solve', 'step' => '99']))
                ->assertOk()->getContent();
            self::assertSame(1, preg_match('/<div class="answer[^>]*>(.*?)<p class="proved"/s', $html, $match));
            $said = strip_tags((string) preg_replace('/\s+/', ' ', $match[1]));
            self::assertStringEndsWith(str_replace(' ', '', $answer), str_replace(' ', '', $said));
        }
    }

    public function testHtmxGetsTheBoardAlone(): void
    {
        $url = $this->board(['problem' => self::PROBLEM, 'method' => 'grid', 'step' => 9]);
        $part = $this->get($url, ['HX-Request' => 'true'])->assertOk();
        self::assertStringNotContainsString('<html', (string) $part->getContent());
        self::assertLessThan(15_000, \strlen((string) gzencode((string) $part->getContent())));
    }

    public function testEveryFigureStandsAloneAsAFile(): void
    {
        foreach ([['grid', 14], ['term-by-term', 9], ['by-degree', 7], ['columns', 11]] as [$method, $step]) {
            $svg = (string) $this->get('/figure.svg?' . http_build_query(
                ['problem' => self::PROBLEM, 'method' => $method, 'step' => $step],
            ))
                ->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent();
            self::assertNotFalse(simplexml_load_string($svg));
            $process = proc_open(['rsvg-convert', '-f', 'png'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
            self::assertIsResource($process);
            fwrite($pipes[0], $svg);
            fclose($pipes[0]);
            $picture = (string) stream_get_contents($pipes[1]);
            self::assertSame('', stream_get_contents($pipes[2]));
            self::assertSame(0, proc_close($process));
            self::assertStringStartsWith("\x89PNG", $picture);
            self::assertGreaterThan(4_000, \strlen($picture), 'an empty picture');
        }
    }

    public function testWrongInputIsPointedAtAndKept(): void
    {
        $this->get($this->board(['problem' => '(x+2)(x+3)', 'method' => 'special']))
            ->assertStatus(422)->assertSee('neither a binomial squared');
        $this->get(
            '/?problem=' . rawurlencode('(x+2)(x+3)') . '&method=special',
        )->assertOk()->assertSee('neither a binomial squared');
        $response = $this->get($this->board(['problem' => '(x+2)(x']))->assertStatus(422);
        $text = self::visible((string) $response->getContent());
        self::assertStringContainsString('opened here is never closed', $text);
        self::assertStringContainsString('>(x+2)(x</textarea>', (string) $response->getContent());
        self::assertStringContainsString('<mark>(</mark>', (string) $response->getContent());
    }

    public function testNothingTypedBreaksThePage(): void
    {
        $log = storage_path('logs/runel.log');
        $before = is_file($log) ? filesize($log) : 0;
        $nasty = [
            str_repeat('(', 3000),
            '(x+1)^5000',
            '1/0',
            '<script>alert(1)</script>',
            "a\0b",
            '',
            ' ',
            '((((',
            'x^x',
            '√√√√x',
            '(x+1)(y+1)^9',
            '9^9^9',
            "\u{202E}x+1",
            str_repeat('x', 390),
            '(x-x)(x+1)',
            '2(3)(4)',
            '(1/(x-x))(x+1)',
            '(x+1)^(1/2)(x+2)',
        ];
        foreach ($nasty as $typed) {
            foreach (['/', '/board', '/reading', '/figure.svg'] as $path) {
                $response = $this->get($path . '?' . http_build_query(
                    ['problem' => $typed, 'method' => 'grid', 'step' => '99999999999999999999'],
                ));
                self::assertContains($response->getStatusCode(), [200, 302, 404, 422], "$path with $typed");
                self::assertStringNotContainsString('<script>alert', (string) $response->getContent());
            }
            self::assertContains($this->getJson(
                '/api/demonstrations?' . http_build_query(['problem' => $typed]),
            )->getStatusCode(), [200, 422]);
        }
        foreach ([
            '/board?problem[]=x',
            '/board?problem=(x%2B1)(x%2B2)&style=x&step[]=1&times=nonsense',
            '/?words[]=uk',
            '/reading?problem=%ff',
        ] as $url) {
            self::assertContains($this->get($url)->getStatusCode(), [200, 302, 422], $url);
        }
        clearstatcache();
        self::assertSame($before, is_file($log) ? filesize($log) : 0, 'nothing of this is a crash');
    }

    public function testSecurityHeadersAndShelf(): void
    {
        $response = $this->get('/')->assertOk();
        self::assertStringContainsString("script-src 'self'", (string) $response->headers->get(
            'Content-Security-Policy',
        ));
        self::assertStringNotContainsString('unsafe', (string) $response->headers->get('Content-Security-Policy'));
        self::assertDoesNotMatchRegularExpression(
            '/ style="| on[a-z]+="|<style|<script>/',
            (string) $response->getContent(),
        );
        self::assertFalse(config('app.debug'));

        $this->post('/examples', ['problem' => '(x+9)(x-9)'])->assertRedirect();
        $kept = Example::query()->where('task', 'like', '%(x+9)(x-9)%')->firstOrFail();
        self::assertSame('multiply', $kept->task->job, 'it opens in the job it has today');
        $this->get('/')->assertSee('My own');
        $this->delete("/examples/{$kept->id}")->assertRedirect();
        self::assertFalse(Example::query()->where('task', 'like', '%(x+9)(x-9)%')->exists());
        $this->post('/examples', ['problem' => '((('])->assertRedirect();
        self::assertFalse(Example::query()->where('task', 'like', '%(((%')->exists());
    }
}
