<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\ShortCode;
use App\Models\Attempt;
use App\Models\Learner;
use App\Models\LearnerGroup;
use App\Models\LiveRoom;
use App\Models\RoomMember;
use App\Slates\AnswerGroup;
use App\Slates\Heard;
use App\Slates\SlateAnswers;
use App\Slates\Slates;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Runel\Demonstration\Task;
use Runel\Job\Jobs;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;
use Symfony\Component\HttpFoundation\Cookie;
use Tests\Core\Chance;

/** A live room: asked from a board, answered from every screen, told without names, and gone when it is over. */
final class SlatesTest extends TestCase
{
    private const BOARD = 'problem=3(x%2B4)%3D27&method=balance&step=2';

    public function testARoomIsAskedAnswersAndIsTold(): void
    {
        $room = $this->room(self::BOARD);
        $this->get("/rooms/$room->id")->assertSee('Nobody is here yet')->assertSee('Which equation is it then?')
            ->assertSee('No other machine can reach this one');
        foreach ([
            'Wren' => '3x+12=27', 'Tove' => '3x + 4 = 27', 'Ilias' => '3x+4=27', 'Noor' => '12+3x=27',
            'Jarek' => 'nothing at all (',
        ] as $name => $answer) {
            $token = $this->comesIn($room, $name);
            $slate = $this->as($token)->get("/r/$room->code")->assertOk()->assertSee('Which equation')
                ->assertDontSee('3x + 12');
            self::assertStringNotContainsString('Wren', str_replace($name, '', (string) $slate->getContent()));
            $sent = $this->as($token)->post("/r/$room->code/answer", ['answer' => $answer, 'number' => 1]);
            $sent->assertRedirect("/r/$room->code");
            // Nothing is told before Tell.
            $this->as($token)->get("/r/$room->code")->assertSee('Kept ✓')->assertDontSee('✗')
                ->assertDontSee('Only the first term');
        }
        $desk = self::visible((string) $this->get("/rooms/$room->id/heard")->getContent());
        self::assertStringContainsString('5 of 5 have answered', $desk);
        // The right ones first, then the largest slip, then what cannot be read.
        self::assertMatchesRegularExpression('/ 2 .*Right\..* 2 .*Only the first term.* 1 .*cannot be read/', $desk);
        $this->get("/rooms/$room->id/view")->assertSee('5 of 5 have answered')->assertDontSee('Only the first');
        $this->put("/rooms/$room->id", ['state' => 'told']);
        $shown = (string) $this->get("/rooms/$room->id/view")->assertSee('Only the first term')->getContent();
        foreach (['Wren', 'Tove', 'Ilias', 'Noor', 'Jarek', 'nothing at all'] as $private) {
            self::assertStringNotContainsString($private, $shown);
        }
        $this->as($token)->get("/r/$room->code")->assertSee('cannot be read');
        $this->as($token)->post("/r/$room->code/answer", ['answer' => 'x=5', 'number' => 1])->assertStatus(422)
            ->assertSee('no longer taken');
        // What could not be read is never put up, whoever asks for it; nor is a word made of letters.
        $this->put("/rooms/$room->id", ['state' => 'open']);
        $this->as($token)->post("/r/$room->code/answer", ['answer' => 'boat', 'number' => 1]);
        $this->put("/rooms/$room->id", ['put-up' => 'boat']);
        self::assertNull($room->refresh()->put_up);
        $this->as($token)->post("/r/$room->code/answer", ['answer' => 'nothing at all (', 'number' => 1]);
        $this->put("/rooms/$room->id", ['state' => 'told']);
        $this->put("/rooms/$room->id", ['put-up' => 'nothing at all (']);
        self::assertNull($room->refresh()->put_up);
        $this->put("/rooms/$room->id", ['put-up' => '3x+4=27']);
        self::assertSame('3x+4=27', $room->refresh()->put_up);
        $this->post("/rooms/$room->id/next")->assertRedirect("/rooms/$room->id");
        self::assertSame([2, 'open', null], [$room->refresh()->number, $room->state, $room->put_up]);
        self::assertNotSame($room->asked['step'], '3');
        $this->as($token)->post("/r/$room->code/answer", ['answer' => 'x=5', 'number' => 1])->assertSee('gone on');
        $this->delete("/rooms/$room->id");
        $this->as($token)->get("/r/$room->code")->assertNotFound();
        foreach (['live_rooms', 'room_members', 'room_answers', 'room_verdicts'] as $table) {
            self::assertSame(0, DB::table($table)->count(), $table);
        }
    }

    /** Nothing lost, nothing counted twice: the last answer of each is the one there is. */
    public function testNoAnswerIsLostAndNoneIsCountedTwice(): void
    {
        $room = $this->room(self::BOARD);
        $tokens = [];
        for ($one = 1; $one <= 12; ++$one) {
            $tokens[$one] = $this->comesIn($room, "Slate $one");
        }
        foreach ([3, 1, 2] as $round) {
            foreach ($tokens as $one => $token) {
                // A second tab is the same learner; what is sent again replaces what was.
                $answer = '3x+' . (($one * $round) % 5 + 10) . '=27';
                $this->as($token)->post("/r/$room->code/answer", ['answer' => $answer, 'number' => 1]);
            }
        }
        self::assertSame(12, DB::table('room_answers')->count());
        self::assertSame(12, RoomMember::query()->count());
        $groups = app(SlateAnswers::class)->groups($room->refresh());
        self::assertSame(12, array_sum(array_map(static fn(AnswerGroup $group): int => $group->count(), $groups)));
        self::assertLessThanOrEqual(5, DB::table('room_verdicts')->count(), 'each text is judged once');
    }

    /** Where nothing more is asked, the desk says so, and the room stays with its question. */
    public function testABoardThatAsksNothingMoreSaysSo(): void
    {
        $room = $this->room(self::BOARD);
        $this->followingRedirects()->post('/rooms', ['board' => 'problem=3(x%2B4)%3D27&method=balance&step=last'])
            ->assertSee('Nothing more is asked')->assertSee($room->code);
        self::assertSame(1, $room->refresh()->number);
    }

    public function testOnceIsOnceAndUntilRightEndsWithRight(): void
    {
        $room = $this->room(self::BOARD);
        $token = $this->comesIn($room, 'Wren');
        $send = fn(string $answer): TestResponse => $this->as($token)
            ->post("/r/$room->code/answer", ['answer' => $answer, 'number' => $room->refresh()->number]);
        $this->put("/rooms/$room->id", ['rule' => 'once', 'at-once' => '1']);
        $send('3x+4=27')->assertRedirect();
        $this->as($token)->get("/r/$room->code")->assertSee('Only the first term');
        $send('3x+12=27')->assertSee('One answer each');
        $this->put("/rooms/$room->id", ['rule' => 'until-right']);
        $send('3x+12=27')->assertRedirect();
        $send('3x+4=27')->assertSee('You are right already');
        self::assertSame('3x+12=27', DB::table('room_answers')->value('typed'));
    }

    public function testNamesAreOnesOwnAndNothingOfThemReachesOthers(): void
    {
        $room = $this->room(self::BOARD);
        $this->comesIn($room, '<b>Wren</b>');
        $this->post("/r/$room->code", ['name' => ' <B>WREN</B> '])->assertStatus(422)->assertSee('Take another name');
        $this->post("/r/$room->code", ['name' => str_repeat('n', 400)])->assertStatus(422);
        $this->post("/r/$room->code", ['name' => '  '])->assertStatus(422);
        $this->get("/rooms/$room->id")->assertSee('&lt;b&gt;Wren', false)->assertDontSee('<b>Wren', false);
        $this->get("/rooms/$room->id/view")->assertDontSee('Wren');
        $member = RoomMember::query()->sole();
        $token = $this->comesIn($room, 'Tove');
        $this->delete("/rooms/$room->id/members/$member->id");
        self::assertCount(1, app(Slates::class)->present($room));
        $this->as($token)->get("/r/$room->code/state?seen=" . $room->refresh()->version)->assertNoContent();
        $this->as($token)->get("/r/$room->code/state?seen=0")->assertOk()->assertSee('Which equation');
        $this->as('')->get("/r/$room->code/state")->assertStatus(205);
    }

    public function testLinesOfOnesOwnAreFollowedAndGoIntoTheRecords(): void
    {
        $this->signIn();
        $group = LearnerGroup::query()->create(['name' => 'Upper room']);
        $wren = Learner::query()->create(['name' => 'Wren of the yard', 'style' => HouseStyle::default()]);
        $group->learners()->attach($wren);
        $this->post('/rooms', ['board' => 'problem=3(x%2B4)%3D27', 'lines' => '1', 'group' => $group->id]);
        $room = LiveRoom::query()->sole();
        $this->get("/r/$room->code")->assertSee('Wren of the yard');
        $own = $this->comesIn($room, '', $wren->id);
        $other = $this->comesIn($room, 'A guest');
        foreach (['3x+4=27', 'x=9'] as $line) {
            $this->as($other)->post("/r/$room->code/answer", ['answer' => $line, 'number' => 1])->assertRedirect();
        }
        foreach (['3x+12=27', '3x=20', null, '3x=15', 'x=5'] as $line) {
            $this->as($own)->post("/r/$room->code/answer", ['number' => 1] + ($line === null
                ? ['do' => 'back']
                : ['answer' => $line]))->assertRedirect();
        }
        $desk = self::visible((string) $this->get("/rooms/$room->id")->getContent());
        // Who needs help comes first.
        self::assertMatchesRegularExpression('/line 1 does not follow: first term only.*✓ finished/', $desk);
        $this->as($own)->get("/r/$room->code")->assertDontSee('finished');
        $this->put("/rooms/$room->id", ['put-up' => "3x+4=27\nx=9"]);
        $this->get("/rooms/$room->id/view")->assertDontSee('A guest')->assertSee('shown-lines', false);
        // A problem has no next question: the desk offers none, and says so to whoever asks all the same.
        $this->get("/rooms/$room->id")->assertDontSee('Next question');
        $this->followingRedirects()->post("/rooms/$room->id/next")->assertSee('Nothing more is asked');
        $before = Attempt::query()->count();
        $this->post("/rooms/$room->id/records")->assertSessionHas('notice');
        self::assertSame($before + 1, Attempt::query()->count());
        self::assertSame(['3x+12=27', '3x=15', 'x=5'], $wren->attempts()->sole()->typed());
    }

    public function testAStrangerGuessesNoRoomAndARoomEnds(): void
    {
        $room = $this->room(self::BOARD);
        auth()->logout();
        $this->get('/r')->assertOk();
        $spaced = substr(strtolower($room->code), 0, 2) . ' ' . substr(strtolower($room->code), 2);
        $this->get('/r?code=' . urlencode($spaced))->assertRedirect("/r/$room->code");
        $this->get('/r?code=hello')->assertNotFound()->assertSee('no such room');
        $this->get('/r/' . strtolower($room->code))->assertOk();
        for ($try = 0; $try < 40; ++$try) {
            $this->get('/r/' . ShortCode::fresh());
        }
        $this->get("/r/$room->code")->assertStatus(429);
        $this->travel(10)->minutes();
        $this->get("/r/$room->code")->assertOk();
        $this->travel(3)->hours();
        $this->get("/r/$room->code")->assertNotFound();
        $this->artisan('runel:tidy');
        self::assertSame(0, LiveRoom::query()->count());
    }

    /** The class that is not there goes through the same door, and gives right answers and slips with names. */
    public function testAPretendClassFillsTheRoom(): void
    {
        $this->artisan('runel:room', ['--pretend' => '12', '--once' => true])->assertExitCode(2);
        $room = $this->room(self::BOARD);
        $this->artisan('runel:room', ['--pretend' => '20', '--once' => true])->assertExitCode(0);
        $groups = app(SlateAnswers::class)->groups($room->refresh());
        self::assertSame(20, array_sum(array_map(static fn(AnswerGroup $group): int => $group->count(), $groups)));
        self::assertTrue($groups[0]->isRight);
        self::assertNotSame([], array_filter($groups, static fn(AnswerGroup $group): bool => $group->slip !== null));
        $this->post('/rooms', ['board' => self::BOARD, 'lines' => '1']);
        foreach ([1, 2, 3] as $round) {
            $this->artisan('runel:room', ['--pretend' => '20', '--once' => true])->assertExitCode(0);
        }
        self::assertCount(20, app(SlateAnswers::class)->works($room->refresh()));
    }

    /** Alike is an equivalence: by a key, and equal values written otherwise have the same one. */
    #[DataProvider('spellings')]
    public function testAnswersAreAlikeByValueAndForm(string $problem, string $method, int $step, array $alike): void
    {
        $demonstration = Jobs::catalogue()->demonstrate(
            new Task(Problem::read($problem), HouseStyle::default()),
            null,
            $method,
        );
        $question = $demonstration->steps()[$step - 1]->question;
        self::assertNotNull($question);
        $keys = array_map(static fn(array $same): array => array_values(array_unique(array_map(
            static fn(string $typed): string =>
                Heard::of($question, $typed, [], $demonstration->task->problem->node)->alike,
            $same,
        ))), $alike);
        foreach ($keys as $key) {
            self::assertCount(1, $key, 'written otherwise, it is the same answer');
        }
        self::assertCount(\count($alike), array_unique(array_column($keys, 0)), 'other answers are other groups');
    }

    /** @return iterable<string, array{string, string, int, list<list<string>>}> */
    public static function spellings(): iterable
    {
        yield 'a value' => ['(2x+3)(x-5)', 'grid', 5, [['3x', 'x*3'], ['-3x', '-3*x'], ['3x^2'], ['(']]];
        yield 'a pair' => ['x^2-5x+6', 'sum-product', 3, [
            ['1 and 6', '6, 1', '12/2 and 1'], ['2 and 4', '(4;2)'], ['5']]];
    }

    /** Random answers: whoever is alike to a third is alike to each other, whatever the order. */
    public function testGroupsDoNotHangOnTheOrder(): void
    {
        $room = $this->room(self::BOARD);
        $dice = (new Chance(7))->dice;
        $answers = ['3x+12=27', '3x+4=27', '27=3x+4', '3x=15', 'x+4=9', '3x+7=27', '?', '3 x + 12 = 27'];
        $counted = [];
        foreach ([1, 2] as $round) {
            $room = $this->room(self::BOARD);
            foreach ($dice->shuffleArray($answers) as $place => $answer) {
                $token = $this->comesIn($room, "Round $round, $place");
                $this->as($token)->post("/r/$room->code/answer", ['answer' => $answer, 'number' => $room->number]);
            }
            $sizes = array_map(
                static fn(AnswerGroup $group): string => "$group->key: {$group->count()}",
                app(SlateAnswers::class)->groups($room->refresh()),
            );
            sort($sizes);
            $counted[] = $sizes;
        }
        self::assertSame($counted[0], $counted[1]);
    }

    private function room(string $board): LiveRoom
    {
        $this->signIn();
        $this->post('/rooms', ['board' => $board])->assertRedirect();

        return LiveRoom::query()->latest('id')->firstOrFail();
    }

    /** What their browser keeps. */
    private function comesIn(LiveRoom $room, string $name, string $learner = ''): string
    {
        $in = $this->as('')->post("/r/$room->code", ['name' => $name, 'learner' => $learner])
            ->assertRedirect("/r/$room->code");
        $cookies = array_filter(
            $in->headers->getCookies(),
            static fn(Cookie $cookie): bool => $cookie->getName() === 'runel_slate',
        );

        return (string) (array_values($cookies)[0] ?? null)?->getValue();
    }

    private function as(string $token): static
    {
        return $this->withUnencryptedCookies(['runel_slate' => $token]);
    }
}
