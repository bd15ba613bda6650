<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Learners\Handings;
use App\Models\Attempt;
use App\Models\Example;
use App\Models\Handing;
use App\Models\Learner;
use App\Models\LearnerGroup;
use App\Models\Lesson;
use App\Models\LessonPlay;
use App\Models\LiveRoom;
use App\Models\Tutor;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Runel\Demonstration\TaskReference;
use Runel\Style\HouseStyle;
use Symfony\Component\HttpFoundation\Response;

/** Who may see what: every route there is, for a stranger, for a learner with a link, for the tutor. */
final class AccessTest extends TestCase
{
    private const OPEN = [
        'bench', 'board', 'why', 'figure', 'two-ways', 'roads', 'your-turn', 'print', 'file', 'reading', 'line-reading',
        'ladder', 'sets', 'set-sheet', 'set-file', 'import-set', 'marking', 'mark-pile', 'style', 'style.kept',
        'style.keep', 'api.demonstrations', 'api.sets', 'api.markings', 'tutor', 'tutor.first', 'tutor.enter',
        'sheet.read', 'sheet.mended', 'spot', 'slate.door', 'slate.show', 'slate.state', 'slate.join',
        'slate.answer', 'handed.short', 'learn', 'teachers', 'changed', 'card', 'calculator', 'letters', 'formula',
    ];
    /** Open as long as nobody has set a passphrase. */
    private const KEEPING = ['keep-set', 'remove-set', 'examples.store', 'examples.destroy'];
    private const SIGNED = ['handed', 'handed.write'];

    /** A route nobody has thought about is a tutor's route, or this fails. */
    public function testEveryRouteIsClosedToStrangersUnlessItIsMeantToBeOpen(): void
    {
        $this->signIn();
        auth()->logout();
        foreach ($this->addresses() as $name => [$verb, $path]) {
            $answer = $this->call($verb, $path);
            if (\in_array($name, self::OPEN, true)) {
                $isDoor = \in_array($name, ['tutor.first', 'tutor.enter'], true);
                self::assertSame($isDoor, $answer->headers->get('Location') === '/tutor', "$name is open");
                self::assertNotContains($answer->getStatusCode(), [401, 403], $name);
            } elseif (\in_array($name, self::SIGNED, true)) {
                $answer->assertForbidden();
            } else {
                self::assertClosed($name, $answer);
            }
        }
        self::assertSame(1, Lesson::query()->whereKey($this->lesson()->id)->count(), 'nothing was done');
    }

    public function testALinkOpensItsTasksAndNothingElse(): void
    {
        $this->signIn();
        auth()->logout();
        $handing = $this->handing();
        $address = app(Handings::class)->address($handing);
        $query = (string) parse_url($address, \PHP_URL_QUERY);
        $page = $this->get($address)->assertOk();
        $html = (string) $page->getContent();
        self::assertStringNotContainsString($handing->learner->name, $html);
        $turn = (string) $this->get("$address&task=1")->assertOk()->getContent();
        foreach ([$html, $turn] as $shown) {
            preg_match_all('/(?:href|action|hx-get)="(\/[^"]*)"/', $shown, $links);
            foreach ($links[1] as $link) {
                self::assertMatchesRegularExpression(
                    '#^/(handed/|line-reading|vendor/|js/|runel\.|mark\.svg)#',
                    html_entity_decode($link),
                );
            }
        }
        foreach ($this->addresses() as $name => [$verb, $path]) {
            if (!\in_array($name, [...self::OPEN, ...self::SIGNED], true)) {
                self::assertClosed($name, $this->call($verb, $path . (str_contains($path, '?') ? '&' : '?') . $query));
            }
        }
        $other = $this->handing();
        $this->get("/handed/$other->id?$query")->assertForbidden();
        $this->get("$address&expires=9999999999")->assertForbidden();
        $this->travelTo($handing->expires_at->copy()->addMinute());
        $this->get($address)->assertForbidden()->assertSee('expired');
    }

    public function testTheTutorMayEverything(): void
    {
        $this->signIn();
        foreach ($this->addresses() as $name => [$verb, $path]) {
            if ($verb === 'GET' && !\in_array($name, self::SIGNED, true)) {
                $answer = $this->call($verb, $path);
                self::assertContains($answer->getStatusCode(), [200, 205, 302, 404, 422], $name);
                self::assertNotSame('/tutor', $answer->headers->get('Location'), $name);
                if (!\in_array($name, self::OPEN, true)) {
                    self::assertTrue($answer->headers->hasCacheControlDirective('no-store'), $name);
                }
            }
        }
    }

    public function testWhatIsKeptForAllIsOpenUntilThereIsAPassphrase(): void
    {
        self::assertSame('/?problem=x%2B1', $this->post('/examples', ['problem' => 'x+1'])->headers->get('Location'));
        $this->signIn();
        auth()->logout();
        self::assertSame('/tutor', $this->post('/examples', ['problem' => 'x+1'])->headers->get('Location'));
        $this->signIn();
        self::assertSame('/?problem=x%2B1', $this->post('/examples', ['problem' => 'x+1'])->headers->get('Location'));
    }

    public function testWhereNobodyCanTellNothingIsWrittenAndNothingLost(): void
    {
        Schema::rename('tutors', 'tutors_away');
        $before = Example::query()->count();
        $this->post('/examples', ['problem' => 'x+1'])->assertRedirect('/?problem=x%2B1')->assertSessionHas('notice');
        self::assertSame($before, Example::query()->count());
        Schema::rename('tutors_away', 'tutors');
    }

    public function testThePassphraseIsSetOnceAndOnlyHere(): void
    {
        $new = ['wanted' => self::PASSPHRASE, 'again' => self::PASSPHRASE];
        $this->get('/lessons')->assertRedirect('/tutor');
        $elsewhere = $this->withServerVariables(['REMOTE_ADDR' => '192.168.7.9']);
        $elsewhere->get('/tutor')->assertForbidden()->assertSee('only be set on the machine');
        $elsewhere->post('/tutor/first', $new)->assertForbidden();
        $elsewhere->post('/tutor/first', $new, ['X-Forwarded-For' => '127.0.0.1'])->assertForbidden();
        $here = $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1']);
        $long = str_repeat('long', 30);
        foreach ([['short', 'short'], [self::PASSPHRASE, 'another thing'], [$long, $long]] as [$wanted, $again]) {
            $here->post('/tutor/first', ['wanted' => $wanted, 'again' => $again])->assertRedirect('/tutor');
            self::assertSame(0, Tutor::query()->count());
        }
        $here->get('/learners');
        $here->post('/tutor/first', $new)->assertRedirect('/learners');
        $stored = Tutor::query()->firstOrFail()->passphrase;
        self::assertTrue(Hash::check(self::PASSPHRASE, $stored));
        $here->post('/tutor/first', ['wanted' => 'somebody else', 'again' => 'somebody else']);
        self::assertSame($stored, Tutor::query()->sole()->passphrase);
    }

    public function testGuessingIsSlowAndWhoLeavesIsOut(): void
    {
        $this->signIn();
        auth()->logout();
        for ($try = 0; $try < 4; ++$try) {
            $this->post('/tutor', ['passphrase' => "guess $try"]);
        }
        $this->post('/tutor', ['passphrase' => self::PASSPHRASE]);
        self::assertTrue(auth()->check(), 'a few wrong ones lock nobody out');
        auth()->logout();
        for ($try = 0; $try < 6; ++$try) {
            $this->post('/tutor', ['passphrase' => "guess $try"]);
        }
        $this->post('/tutor', ['passphrase' => self::PASSPHRASE])->assertSessionHas('notice');
        self::assertFalse(auth()->check(), 'after more of them there is a pause, for the right one, too');
        $this->travel(3)->seconds();
        $this->post('/tutor', ['passphrase' => 'guess']);
        $this->travel(3)->seconds();
        $this->post('/tutor', ['passphrase' => self::PASSPHRASE]);
        self::assertFalse(auth()->check(), 'and it doubles');
        $this->travel(61)->seconds();
        $this->post('/tutor', ['passphrase' => self::PASSPHRASE]);
        self::assertTrue(auth()->check());
        self::assertNull(auth()->user()?->getAttribute('remember_token'), 'not remembered unless asked');
        $this->post('/tutor/out')->assertRedirect('/tutor');
        self::assertFalse(auth()->check());
        self::assertSame(120, config('session.lifetime'));
    }

    public function testAnotherPassphraseEndsEverySession(): void
    {
        $tutor = $this->signIn();
        auth()->logout();
        $this->post('/tutor', ['passphrase' => self::PASSPHRASE])->assertRedirect('/lessons');
        auth()->forgetGuards();
        $this->get('/learners')->assertOk();
        // The same session, after the passphrase was hashed anew somewhere else.
        $tutor->forceFill(['passphrase' => self::PASSPHRASE])->save();
        auth()->forgetGuards();
        $this->get('/learners')->assertRedirect('/tutor');
        $tutor = $this->signIn();
        $before = $tutor->passphrase;
        $this->post('/tutor/out-everywhere', ['passphrase' => 'wrong'])->assertRedirect('/tutor');
        self::assertSame($before, $tutor->refresh()->passphrase);
        $this->post('/tutor/out-everywhere', ['passphrase' => self::PASSPHRASE])->assertRedirect('/tutor');
        self::assertNotSame($before, $tutor->refresh()->passphrase);
        self::assertTrue(Hash::check(self::PASSPHRASE, $tutor->passphrase));
        self::assertFalse(auth()->check());
    }

    /** @param TestResponse<Response> $answer */
    private static function assertClosed(string $name, TestResponse $answer): void
    {
        $seen = [$answer->getStatusCode(), $answer->headers->get('Location')];
        if (\in_array($name, ['plays.line', 'today'], true)) {
            self::assertSame([204, null, ''], [...$seen, $answer->getContent()], $name);
        } elseif ($name === 'learners.pile') {
            self::assertSame([401, null], $seen, $name);
            $answer->assertDontSee(Learner::query()->firstOrFail()->name);
        } else {
            self::assertSame([302, '/tutor'], $seen, $name);
        }
    }

    /** @return array<string, array{string, string}> verb and address of every route, by its name */
    private function addresses(): array
    {
        $lesson = $this->lesson();
        $learner = Learner::query()->firstOrFail();
        $play = LessonPlay::query()->firstOrFail();
        $parts = [
            'lesson' => $lesson->id,
            'learner' => $learner->id,
            'attempt' => Attempt::query()->where('learner_id', $learner->id)->firstOrFail()->id,
            'group' => LearnerGroup::query()->firstOrFail()->id,
            'handing' => $this->handing()->id,
            'room' => $this->room()->id,
            'member' => strtolower((string) Str::ulid()),
            'code' => $this->room()->code,
            'play' => $play->id,
            'item' => '1',
            'extension' => 'json',
            'set' => '1',
            'example' => '1',
        ];
        $addresses = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $name = $route->getName();
            self::assertIsString($name, "{$route->uri()} has no name");
            $own = array_intersect_key($parts, array_flip($route->parameterNames()));
            $path = route($name, $own, false);
            if (\in_array($name, ['board', 'why', 'two-ways', 'roads', 'your-turn', 'print', 'file', 'figure'], true)) {
                $path .= '?problem=x%5E2%2B7x%2B10';
            }
            $addresses[$name] = [$route->methods()[0], $path];
        }
        foreach ([...self::OPEN, ...self::KEEPING, ...self::SIGNED] as $name) {
            self::assertArrayHasKey($name, $addresses);
        }

        return $addresses;
    }

    private function lesson(): Lesson
    {
        return Lesson::query()->orderBy('name')->firstOrFail();
    }

    private function room(): LiveRoom
    {
        return LiveRoom::query()->first() ?? LiveRoom::query()->create([
            'code' => 'KPQFT', 'asked' => ['problem' => '2x=8', 'step' => '2'], 'ends_at' => now()->addHour(),
        ]);
    }

    private function handing(): Handing
    {
        return app(Handings::class)->hand(
            Learner::query()->firstOrFail(),
            [new TaskReference('x^2+5x+6', null, null, HouseStyle::default())],
            1,
        );
    }
}
