package app.gradior.web.food;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Foods and habits of a kitchen. */
@Mapper
interface FoodMapper {
    record AmountRow(String measure, String foodKey, double grams) {}

    record NameRow(String words, String foodKey) {}

    @Select("select body from food where kitchen_id = #{kitchen} order by food_key")
    List<String> foods(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert into food (kitchen_id, food_key, body, changed_at) values (#{kitchen}, #{key}, #{body}, #{at})
            on duplicate key update body = values(body), changed_at = values(changed_at)""")
    void keep(
            @Param("kitchen") UUID kitchen,
            @Param("key") String key,
            @Param("body") String body,
            @Param("at") Instant at);

    @Delete("delete from food where kitchen_id = #{kitchen} and food_key = #{key}")
    int remove(@Param("kitchen") UUID kitchen, @Param("key") String key);

    @Select("select measure, food_key, grams from habit_amount where kitchen_id = #{kitchen}")
    List<AmountRow> amounts(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert into habit_amount (kitchen_id, measure, food_key, grams)
            values (#{kitchen}, #{measure}, #{food}, #{grams}) on duplicate key update grams = values(grams)""")
    void remember(
            @Param("kitchen") UUID kitchen,
            @Param("measure") String measure,
            @Param("food") String food,
            @Param("grams") double grams);

    /**
     * What was weighed of a measure at once.
     *
     * @param bookG what books say of one
     * @param grown whether it is as it grew; if not, it is by hand
     * @param count how many of it
     * @param excludedAt when it was left out; null if it counts
     */
    record WeighingRow(
            UUID id,
            String measure,
            String foodKey,
            double bookG,
            boolean grown,
            double grams,
            double count,
            Instant at,
            Instant excludedAt) {}

    @Select("""
            select id, measure, food_key, book_g, grown, grams, count, at, excluded_at from weighing
            where kitchen_id = #{kitchen} order by measure, food_key, at""")
    List<WeighingRow> weighings(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert into weighing (id, kitchen_id, measure, food_key, book_g, grown, grams, count, at)
            values (#{w.id}, #{kitchen}, #{w.measure}, #{w.foodKey}, #{w.bookG}, #{w.grown}, #{w.grams}, #{w.count},
              #{w.at})""")
    void weighed(@Param("kitchen") UUID kitchen, @Param("w") WeighingRow weighing);

    @Update("update weighing set excluded_at = #{at} where kitchen_id = #{kitchen} and id = #{id}")
    int exclude(@Param("kitchen") UUID kitchen, @Param("id") UUID id, @Param("at") Instant at);

    @Delete("delete from weighing where kitchen_id = #{kitchen} and measure = #{measure} and food_key = #{food}")
    void forgetWeighings(@Param("kitchen") UUID kitchen, @Param("measure") String measure, @Param("food") String food);

    @Delete("delete from habit_amount where kitchen_id = #{kitchen} and measure = #{measure} and food_key = #{food}")
    void forgetAmount(@Param("kitchen") UUID kitchen, @Param("measure") String measure, @Param("food") String food);

    @Select("select words, food_key from habit_food where kitchen_id = #{kitchen}")
    List<NameRow> names(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert into habit_food (kitchen_id, words, food_key) values (#{kitchen}, #{words}, #{food})
            on duplicate key update food_key = values(food_key)""")
    void name(@Param("kitchen") UUID kitchen, @Param("words") String words, @Param("food") String food);
}
