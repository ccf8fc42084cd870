package app.gradior.web.food;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

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

    @Select("select words, food_key from habit_food where kitchen_id = #{kitchen}")
    List<NameRow> names(@Param("kitchen") UUID kitchen);

    @Insert("""
            insert into habit_food (kitchen_id, words, food_key) values (#{kitchen}, #{words}, #{food})
            on duplicate key update food_key = values(food_key)""")
    void name(@Param("kitchen") UUID kitchen, @Param("words") String words, @Param("food") String food);
}
