<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AskedOnce;
use App\Models\Contact;
use App\Models\LakeSpot;
use App\Models\Stint;
use App\Models\Trip;
use App\Models\User;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use Tests\TestCase;

/** A model reads its fields as the framework would read them, only sooner. */
final class AskedOnceTest extends TestCase
{
    #[DataProvider('models')]
    public function test_a_model_needs_nothing_that_is_left_out(string $class): void
    {
        $model = new ReflectionClass($class);
        self::assertContains(AskedOnce::class, $model->getTraitNames(), "{$class} asks the framework anew at each read");
        foreach ($model->getMethods() as $method) {
            $attributes = [...$method->getAttributes(Boot::class), ...$method->getAttributes(Initialize::class)];
            self::assertSame([], $attributes, "{$class}::{$method->name} would not be called when the model is booted");
            $type = $method->getReturnType();
            self::assertFalse($type instanceof ReflectionNamedType && $type->getName() === Attribute::class, "{$class}::{$method->name} would not be asked for the field");
            self::assertDoesNotMatchRegularExpression('/^(get|set).+Attribute$/', $method->class === $class ? $method->name : '', "{$class}::{$method->name} would not be asked for the field");
        }
        $byName = array_map(static fn (string $trait): string => 'initialize'.class_basename($trait), class_uses_recursive($class));
        new $class;
        self::assertEqualsCanonicalizing(
            array_values(array_filter($byName, $model->hasMethod(...))), (new ReflectionClass(Model::class))->getStaticPropertyValue('traitInitializers')[$class],
        );
    }

    /** @return iterable<string, array{string}> */
    public static function models(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/app/Models/*.php') ?: [] as $file) {
            $class = 'App\\Models\\'.basename($file, '.php');
            if (is_subclass_of($class, Model::class)) {
                yield class_basename($class) => [$class];
            }
        }
    }

    /** @param  array<string, mixed>  $kept  as the database gives it */
    #[DataProvider('records')]
    public function test_every_field_is_what_the_framework_makes_of_it(string $class, array $kept): void
    {
        $model = (new $class)->newFromBuilder($kept);
        $asked = new ReflectionMethod(Model::class, 'getAttribute');
        foreach (array_keys($kept) as $field) {
            // The second reading is the one that is kept.
            self::assertEquals($asked->invoke($model, $field), $model->getAttribute($field), "{$class}.{$field}");
            self::assertEquals($asked->invoke($model, $field), $model->getAttribute($field), "{$class}.{$field} read again");
            self::assertSame(get_debug_type($asked->invoke($model, $field)), get_debug_type($model->getAttribute($field)), "{$class}.{$field}");
        }
    }

    /** @return iterable<string, array{class-string<Model>, array<string, mixed>}> */
    public static function records(): iterable
    {
        $times = ['created_at' => '2026-04-10 08:00:00', 'updated_at' => '2026-04-10 09:00:00'];
        yield 'a day' => [Trip::class, $times + ['id' => '7', 'conditions' => '{"date":"2026-04-10","cover":["wood"]}', 'boat' => null, 'practice' => 1, 'beat_lb' => '12.5', 'closed_at' => '2026-04-10 18:00:00', 'route' => null]];
        yield 'a stint' => [Stint::class, $times + ['id' => 'a', 'started_at' => '2026-04-10 08:00:00', 'depth_ft' => '4', 'cast_count' => '12', 'followed' => 0, 'deleted_at' => null, 'lure' => 'jig']];
        yield 'a contact' => [Contact::class, $times + ['id' => 'b', 'at' => '2026-04-10 08:10:00', 'length_in' => '18.5', 'weight_lb' => null, 'deleted_at' => '2026-04-10 08:20:00']];
        yield 'a spot' => [LakeSpot::class, $times + ['id' => 3, 'lat' => '44.1', 'cover' => '["dock"]', 'dock' => '{"deck_ft":4}', 'shape' => null, 'name' => 'Gravel hook']];
        yield 'an angler' => [User::class, $times + ['id' => 1, 'units' => 'us', 'own_success' => 1, 'limits' => '{"number":5}', 'box' => null, 'guest' => 0]];
    }

    public function test_what_is_written_is_read_at_once(): void
    {
        $day = (new Trip)->newFromBuilder(['id' => 1, 'conditions' => '{"date":"2026-04-10"}', 'beat_lb' => '3']);
        self::assertSame(['date' => '2026-04-10'], $day->conditions);
        $day->conditions = ['date' => '2026-05-01'];
        $day->beat_lb = 4;
        self::assertSame(['date' => '2026-05-01'], $day->conditions);
        self::assertSame(4.0, $day->beat_lb);
        $day->setRawAttributes(['id' => 1, 'conditions' => '{"date":"2026-06-01"}', 'beat_lb' => null]);
        self::assertSame(['date' => '2026-06-01'], $day->conditions);
        self::assertNull($day->beat_lb);
    }

    public function test_a_moment_that_somebody_moves_is_moved_for_nobody_else(): void
    {
        $stint = (new Stint)->newFromBuilder(['id' => 'a', 'started_at' => '2026-04-10 08:00:00']);
        $stint->started_at->addHour();
        self::assertTrue(Carbon::parse('2026-04-10 08:00:00')->equalTo($stint->started_at));
    }
}
